<script setup lang="ts">
import { answersIn } from '#core/kernel/facts'
import { tableLadder } from '#core/games/table-ladder/index'
import type { Tape } from '#core/kernel/tape'
import LadderSheet from '~/games/table-ladder/LadderSheet.vue'
import type { Seat } from '#shared/api'

/** The ladders as they were filled, and how many products were right, of those that were said. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(tableLadder, () => tape)
const right = computed(() => state.value.ladders.map((ladder) => ladder.filter((rung) => rung.right).length))
/** Products said by each: also those that were wrong and filled no rung. */
const said = computed(() =>
  seats.map(
    (_, i) => tape.lines.flatMap((line) => answersIn(tape.table, line).filter(() => line.play?.by === i + 1)).length,
  ),
)
</script>

<template>
  <div class="space-y-3">
    <LadderSheet :rules="rules" :state="state" :seats="seats" />
    <p v-for="(seat, i) in seats" :key="i">
      {{ seat.name }}: {{ right[i] }} of {{ Math.max(said[i]!, state.ladders[i]!.length) }} right
    </p>
  </div>
</template>
