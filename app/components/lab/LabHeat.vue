<script setup lang="ts">
import { cellAt, keyOf, SIDE, type Square } from '#core/mastery/cells'
import type { Tally } from '#core/lab/tally'

/** Which facts are practised: a square of them, each with how often it comes up in a hundred matches; darker is more often. */
const { tally, label } = defineProps<{ tally: Tally; label: string }>()
const counted = (square: Square) =>
  Object.entries(tally.cells).reduce((sum, [key, n]) => sum + (key.startsWith(square) ? n : 0), 0)
const square = ref<Square>('add')
watchEffect(() => {
  if (counted(square.value) === 0) square.value = counted('times') > 0 ? 'times' : 'add'
})
const numbers = Array.from({ length: SIDE + 1 }, (_, i) => i)
const times = (row: number, column: number) =>
  ((tally.cells[keyOf(cellAt(square.value, row, column)!)] ?? 0) * 100) / Math.max(1, tally.matches)
const most = computed(() =>
  Math.max(
    1,
    ...Object.entries(tally.cells).flatMap(([key, n]) =>
      key.startsWith(square.value) ? [(n * 100) / Math.max(1, tally.matches)] : [],
    ),
  ),
)
const told = (n: number) => (n >= 1000 ? `${Math.round(n / 100) / 10}k` : n >= 1 ? Math.round(n) : n > 0 ? '·' : '')
const none = computed(() => counted('add') + counted('times') === 0)
</script>

<template>
  <figure class="sheet p-4 space-y-2">
    <figcaption class="flex flex-wrap items-center gap-2">
      <span class="font-bold">Facts practised{{ label ? ` under ${label}` : '' }}</span>
      <span class="flex gap-1.5" role="group" aria-label="Which square">
        <Key :aria-pressed="square === 'add'" :why="!counted('add') && 'No addition came up.'" @click="square = 'add'"
          >Addition</Key
        >
        <Key
          :aria-pressed="square === 'times'"
          :why="!counted('times') && 'No times fact came up.'"
          @click="square = 'times'"
          >Times</Key
        >
      </span>
    </figcaption>
    <p v-if="none">No fact of two numbers up to 12 comes up; sums of more are practised.</p>
    <div
      v-else
      class="overflow-x-auto relative"
      tabindex="0"
      role="region"
      :aria-label="`How often in a hundred matches each fact comes up${label ? ` under ${label}` : ''}`"
    >
      <table class="heat figures">
        <thead>
          <tr>
            <th scope="col">{{ square === 'add' ? '+' : '×' }}</th>
            <th v-for="column in numbers" :key="column" scope="col">{{ column }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in numbers" :key="row">
            <th scope="row">{{ row }}</th>
            <td
              v-for="column in numbers"
              :key="column"
              :style="{ '--part': `${Math.round((70 * times(row, column)) / most)}%` }"
            >
              {{ told(times(row, column)) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="text-sm text-(--ink-soft)">Times in a hundred matches, all players together.</p>
  </figure>
</template>

<style scoped>
.heat {
  border-collapse: collapse;
  font-size: 0.85rem;
}
.heat th,
.heat td {
  width: 2.4rem;
  height: 2rem;
  text-align: center;
  border: 1px solid var(--rule);
}
.heat td {
  background: color-mix(in oklab, var(--accent-soft) var(--part, 0%), transparent);
  box-shadow: inset 0 calc(-1 * var(--part, 0%) / 12) 0 0 var(--accent);
}
</style>
