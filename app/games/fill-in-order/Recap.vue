<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Who won which round, and after how many turns. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const rounds = computed(() => {
  let turns = 0
  return tape.lines.flatMap(({ play, verdict, struck }) => {
    if (!play || !verdict.stands || struck) return []
    turns++
    const won = verdict.notes.find(({ code }) => code === 'round-won')
    if (!won && !verdict.notes.some(({ code }) => code === 'nobody')) return []
    const row = { by: won ? Number(won.facts.by) : null, turns }
    turns = 0
    return [row]
  })
})
const rows = computed(() =>
  rounds.value.map(({ by, turns }) => seats.map((_, i) => (by === i + 1 ? `won, ${turns} turns` : null))),
)
const totals = computed(() => seats.map((_, i) => rounds.value.filter(({ by }) => by === i + 1).length))
</script>

<template>
  <RoundsTable
    :tape="tape"
    :seats="seats"
    caption="Rounds won"
    :rows="rows"
    :totals="totals"
    :best="(row, seat) => rounds[row]!.by === seat"
  />
</template>
