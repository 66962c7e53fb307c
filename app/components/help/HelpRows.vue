<script setup lang="ts">
import { toggled } from '#core/basics/lists'
import type { Aid } from '#core/mastery/ladder'

/** Rows of dots, filled row by row with a touch; a gap after every fifth dot and row. */
const { aid } = defineProps<{ aid: Extract<Aid, { kind: 'rows' }> }>()
/** The rows that are filled, from 0. */
const work = defineModel<readonly number[]>({ required: true })

const toggle = (row: number) => (work.value = toggled(work.value, row))
</script>

<template>
  <div class="rows">
    <button
      v-for="row in aid.rows"
      :key="row"
      type="button"
      class="row"
      :class="{ there: work.includes(row - 1), gap: row % 5 === 0 }"
      :aria-pressed="work.includes(row - 1)"
      :aria-label="`Row ${row}`"
      @click="toggle(row - 1)"
    >
      <span v-for="dot in aid.columns" :key="dot" class="dot" :class="{ gap: dot % 5 === 0 }" />
    </button>
  </div>
</template>

<style scoped>
.rows {
  display: grid;
  justify-items: start;
}
.row {
  display: flex;
  gap: 0.35rem;
  padding: 0.3rem 0.6rem;
  min-height: 2.75rem;
  align-items: center;
  border-radius: 0.5rem;
  cursor: pointer;
}
.row:hover {
  background: var(--accent-soft);
}
.row.gap {
  margin-bottom: 0.6rem;
}
.dot {
  width: 1.3rem;
  height: 1.3rem;
  border: 2px solid var(--ink-soft);
  border-radius: 50%;
}
.dot.gap {
  margin-right: 0.6rem;
}
.there .dot {
  background: var(--accent);
  border-color: var(--accent);
}
@media (max-width: 39.99rem) {
  .dot {
    width: 0.95rem;
    height: 0.95rem;
  }
}
</style>
