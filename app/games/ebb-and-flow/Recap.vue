<script setup lang="ts">
import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** How everybody’s total rose and fell, turn by turn. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(ebbAndFlow, () => tape)
const ways = computed(() =>
  seats.map((_, i) =>
    countedPlays(ebbAndFlow, tape).flatMap(({ play, after }) =>
      play.by === i + 1 && play.card !== 'wild' ? [after.totals[i]!] : [],
    ),
  ),
)
const rows = computed(() =>
  Array.from({ length: Math.max(0, ...ways.value.map((way) => way.length)) }, (_, turn) =>
    ways.value.map((way) => way[turn] ?? null),
  ),
)
</script>

<template>
  <div class="space-y-2">
    <p>Everybody began with {{ rules.start }}.</p>
    <RoundsTable :tape="tape" :seats="seats" caption="Totals by turn" head="Turn" :rows="rows" :totals="state.totals" />
  </div>
</template>
