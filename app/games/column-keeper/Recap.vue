<script setup lang="ts">
import { columnKeeper } from '#core/games/column-keeper/index'
import { rank } from '#core/games/column-keeper/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Everybody's numbers, round by round; the best of each is marked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(columnKeeper, () => tape)
const best = (row: number, seat: number) => {
  const ranks = state.value.history[row]!.map((number) => rank(rules.value, number))
  return seats.length > 1 && ranks[seat - 1] === Math.min(...ranks)
}
</script>

<template>
  <RoundsTable :tape="tape" :seats="seats" caption="Numbers by round" :rows="state.history" :best="best" />
</template>
