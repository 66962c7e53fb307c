<script setup lang="ts">
/** One die face: pips up to six, a figure beyond. `face` null is a die not rolled yet. */
const {
  face,
  sides = 6,
  size = '3.25rem',
  frozen = false,
} = defineProps<{
  face: number | null
  sides?: number
  /** Width and height; empty where the attributes say it, within a larger drawing. */
  size?: string
  frozen?: boolean
}>()

const SPOTS: Record<number, readonly (readonly [number, number])[]> = {
  1: [[20, 20]],
  2: [
    [11, 11],
    [29, 29],
  ],
  3: [
    [11, 11],
    [20, 20],
    [29, 29],
  ],
  4: [
    [11, 11],
    [29, 11],
    [11, 29],
    [29, 29],
  ],
  5: [
    [11, 11],
    [29, 11],
    [20, 20],
    [11, 29],
    [29, 29],
  ],
  6: [
    [11, 10],
    [29, 10],
    [11, 20],
    [29, 20],
    [11, 30],
    [29, 30],
  ],
}
const pips = computed(() => (sides <= 6 && face !== null ? SPOTS[face] : undefined))
</script>

<template>
  <svg
    viewBox="0 0 40 40"
    :style="size ? { width: size, height: size } : undefined"
    class="die shrink-0"
    :class="{ frozen, blank: face === null }"
    aria-hidden="true"
    data-arrives
  >
    <rect x="1.5" y="1.5" width="37" height="37" rx="8" />
    <template v-if="pips">
      <circle v-for="([x, y], i) in pips" :key="i" :cx="x" :cy="y" r="3.7" />
    </template>
    <text v-else-if="face !== null" x="20" y="27" text-anchor="middle">{{ face }}</text>
  </svg>
</template>

<style scoped>
.die rect {
  fill: var(--die);
  stroke: #1c2430;
  stroke-width: 2;
}
.die circle,
.die text {
  fill: #1c2430;
}
.die text {
  font: 700 19px var(--font-sans);
}
.die.frozen rect {
  fill: #cfe6ee;
  stroke: #0b4a63;
  stroke-width: 3;
}
.die.blank rect {
  fill: transparent;
  stroke: var(--ink-soft);
  stroke-dasharray: 4 4;
}
</style>
