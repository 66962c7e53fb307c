<script setup lang="ts">
import { brim } from '#core/games/brim/index'
import { seatsFrom } from '#core/kit/seats'
import type { Tape } from '#core/kernel/tape'
import { list } from '#core/basics/words'
import type { Seat } from '#shared/api'

/** Brim looked back on: what every turn banked, round by round, and the best turn. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const { state } = useTable(brim, () => tape)
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
/** A turn that went over banked nothing; one not taken has no number. */
const rows = computed(() => rounds.value.map((round) => round.map((points) => (points === 0 ? '0 over' : points))))
</script>

<template>
  <div v-if="rounds.length" class="space-y-2">
    <RoundsTable
      :tape="tape"
      :seats="seats"
      caption="Points by round"
      :rows="rows"
      :totals="state.totals"
      :best="(row, seat) => best !== null && rounds[row]![seat - 1] === best.points"
    />
    <p v-if="best">Best turn: {{ best.text }}.</p>
  </div>
</template>
