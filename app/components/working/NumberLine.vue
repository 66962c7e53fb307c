<script setup lang="ts">
import type { Equation } from '#core/contract/working'
import { hopsOf } from '~/utils/drawings'

/** A chain of hops on a number line, each with its size; backward hops go below the line. */
const { equation } = defineProps<{ equation: Equation }>()

const WIDTH = 320
const EDGE = 14
const hops = computed(() => hopsOf(equation))
const points = computed(() => hops.value.flatMap(({ from, to }) => [from, to]))
const low = computed(() => Math.min(...points.value))
const high = computed(() => Math.max(...points.value, low.value + 1))
const x = (value: number) => EDGE + ((value - low.value) / (high.value - low.value)) * (WIDTH - 2 * EDGE)
const step = computed(
  () => [1, 2, 5, 10, 20, 50, 100, 200, 500].find((size) => (high.value - low.value) / size <= 12) ?? 1000,
)
const ticks = computed(() => {
  const first = Math.ceil(low.value / step.value) * step.value
  return Array.from({ length: Math.floor((high.value - first) / step.value) + 1 }, (_, i) => first + i * step.value)
})
const arcs = computed(() =>
  hops.value
    .filter(({ from, to }) => from !== to)
    .map(({ from, to }) => {
      const [a, b] = [x(from), x(to)]
      const height = Math.min(26, 8 + Math.abs(b - a) / 4) * (to > from ? -1 : 1)
      return {
        d: `M${a} 42Q${(a + b) / 2} ${42 + height * 1.6} ${b} 42`,
        label: `${to > from ? '+' : '−'}${Math.abs(to - from)}`,
        at: (a + b) / 2,
        y: 42 + height * 0.9 + (to > from ? -3 : 10),
      }
    }),
)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 84`" class="w-full max-w-3xl" aria-hidden="true">
    <path :d="`M4 42H${WIDTH - 4}`" class="line" />
    <g v-for="tick in ticks" :key="tick">
      <path :d="`M${x(tick)} 39v6`" class="line" />
      <text :x="x(tick)" y="56" text-anchor="middle">{{ minus(tick) }}</text>
    </g>
    <g v-for="(arc, i) in arcs" :key="`a${i}`">
      <path :d="arc.d" class="arc" />
      <text :x="arc.at" :y="arc.y" text-anchor="middle" class="hop">{{ arc.label }}</text>
    </g>
    <circle :cx="x(equation.equals)" cy="42" r="4" class="end" />
    <text :x="x(equation.equals)" y="72" text-anchor="middle" class="total">{{ minus(equation.equals) }}</text>
  </svg>
</template>

<style scoped>
.line {
  stroke: var(--ink-soft);
  stroke-width: 1.2;
}
.arc {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
}
text {
  font: 8px var(--font-mono);
  fill: var(--ink-soft);
}
.hop {
  font-weight: 700;
  font-size: 9px;
  fill: var(--ink);
}
.total {
  font-weight: 800;
  font-size: 11px;
  fill: var(--ink);
}
.end {
  fill: var(--accent);
}
</style>
