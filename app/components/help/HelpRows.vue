<script setup lang="ts">
import type { Aid } from '#core/mastery/ladder'

/** Rows of dots, filled row by row with a touch; a gap after every fifth dot and row. */
const { aid, laid } = defineProps<{ aid: Extract<Aid, { kind: 'rows' }>; laid: number }>()

const own = ref<ReadonlyMap<number, boolean>>(new Map())
watch(
  () => [aid, laid],
  () => (own.value = new Map()),
)
const isThere = (row: number) => own.value.get(row) ?? row <= laid
const toggle = (row: number) => (own.value = new Map(own.value).set(row, !isThere(row)))
</script>

<template>
  <div class="rows">
    <button
      v-for="row in aid.rows"
      :key="row"
      type="button"
      class="row"
      :class="{ there: isThere(row), gap: row % 5 === 0 }"
      :aria-pressed="isThere(row)"
      :aria-label="`Row ${row}`"
      @click="toggle(row)"
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
