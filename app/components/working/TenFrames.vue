<script setup lang="ts">
import { groupTens, type Equation } from '#core/contract/working'

/** A sum in frames of ten, the parts that make ten filled in first; neighbouring parts differ in tone and mark. */
const { equation } = defineProps<{ equation: Equation }>()

const cells = computed(() =>
  groupTens(equation.terms.map(({ value }) => value))
    .flat()
    .flatMap((value, i) => Array.from({ length: value }, () => i)),
)
const frames = computed(() =>
  Array.from({ length: Math.max(1, Math.ceil(cells.value.length / 10)) }, (_, f) =>
    cells.value.slice(f * 10, f * 10 + 10),
  ),
)
const x = (i: number) => (i % 5) * 12 + 7
const y = (i: number) => Math.floor(i / 5) * 12 + 7
</script>

<template>
  <span class="flex flex-wrap gap-2">
    <svg v-for="(frame, f) in frames" :key="f" viewBox="0 0 62 26" class="frame" aria-hidden="true">
      <rect
        v-for="i in 10"
        :key="i"
        :x="((i - 1) % 5) * 12 + 1"
        :y="Math.floor((i - 1) / 5) * 12 + 1"
        width="12"
        height="12"
      />
      <template v-for="(part, i) in frame" :key="`c${i}`">
        <circle v-if="part % 2 === 0" :cx="x(i)" :cy="y(i)" r="4.2" class="even" />
        <circle v-else :cx="x(i)" :cy="y(i)" r="3.6" class="odd" />
      </template>
    </svg>
  </span>
</template>

<style scoped>
.frame {
  width: min(9.5rem, 100%);
}
rect {
  fill: var(--sheet);
  stroke: var(--ink-soft);
  stroke-width: 0.8;
}
.even {
  fill: var(--accent);
}
.odd {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
