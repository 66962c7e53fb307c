<script setup lang="ts">
import type { BrimState } from '#core/games/brim/rules'
import { seatsFrom } from '#core/seats'
import type { Tape } from '#core/tape'
import { list } from '#core/wording/words'
import type { Seat } from '~/utils/matches'

/** Brim looked back on: what every turn banked, round by round, and the best turn. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const state = computed(() => tape.state.game as BrimState)
const order = computed(() => seatsFrom(tape.table.first, tape.table.seats))
const rounds = computed(() => {
  const { banked } = state.value
  const count = Math.ceil(banked.length / seats.length)
  return Array.from({ length: count }, (_, round) =>
    seats.map((_, i) => banked[round * seats.length + order.value.indexOf(i + 1)] ?? null),
  )
})
/** The most that a turn banked, and whose turns they were. */
const best = computed(() => {
  const { banked } = state.value
  const points = Math.max(0, ...banked)
  if (points === 0) return null
  const turns = banked.flatMap((turn, at) => (turn === points ? [at] : []))
  const names = [...new Set(turns.map((at) => seats[order.value[at % seats.length]! - 1]!.name))]
  const round = turns.length === 1 ? ` in round ${Math.floor(turns[0]! / seats.length) + 1}` : ''
  return { points, text: `${list(names)} with ${points}${round}` }
})
</script>

<template>
  <div v-if="rounds.length" class="space-y-2">
    <div class="overflow-x-auto">
      <table class="rounds">
        <caption class="sr-only">Points by round</caption>
        <thead>
          <tr><th scope="col">Round</th><th v-for="(seat, i) in seats" :key="i" scope="col">{{ seat.name }}</th></tr>
        </thead>
        <tbody>
          <tr v-for="(round, r) in rounds" :key="r">
            <th scope="row">{{ r + 1 }}</th>
            <td v-for="(points, i) in round" :key="i" class="figures" :class="{ best: points !== null && points === best?.points }">
              {{ points === null ? '·' : points === 0 ? '0 over' : points }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="best">Best turn: {{ best.text }}.</p>
  </div>
</template>

<style scoped>
.rounds th,
.rounds td {
  padding: 0.25rem 1rem 0.25rem 0;
  text-align: left;
}
.rounds tr + tr {
  border-top: 1px solid var(--rule);
}
.best {
  font-weight: 800;
  color: var(--stands);
}
</style>
