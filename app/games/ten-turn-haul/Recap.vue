<script setup lang="ts">
import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Every spin, turn by turn, and the sums. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(tenTurnHaul, () => tape)
const turns = computed(() => Math.max(...state.value.spins.map((spun) => spun.length)))
const rows = computed(() =>
  Array.from({ length: turns.value }, (_, turn) => state.value.spins.map((spun) => spun[turn] ?? null)),
)
const best = (row: number, seat: number) => {
  const spun = rows.value[row]!.filter((value): value is number => value !== null)
  return (
    seats.length > 1 &&
    rows.value[row]![seat - 1] === (rules.value.better === 'higher' ? Math.max(...spun) : Math.min(...spun))
  )
}
</script>

<template>
  <RoundsTable
    :tape="tape"
    :seats="seats"
    caption="Spins by turn"
    head="Turn"
    :rows="rows"
    :totals="state.totals"
    :best="best"
  />
</template>
