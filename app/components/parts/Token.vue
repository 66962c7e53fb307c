<script setup lang="ts">
/** A token: its colour and its shape, so that it is told apart without seeing colours. `name` null is one that cannot be seen yet. */
const {
  name,
  among = [],
  size = '2.4rem',
} = defineProps<{
  name: string | null
  /** Every token there is: the shape goes by the place among them. */
  among?: readonly string[]
  /** Width and height; empty where the attributes say it, within a larger drawing. */
  size?: string
}>()

const COLOURS: Readonly<Record<string, string>> = {
  coral: '#e8735a',
  amber: '#e9a820',
  teal: '#1f8a8c',
  plum: '#7d3f78',
  slate: '#54616e',
  white: '#fbf8ef',
}
const OTHERS = ['#c8553d', '#d9a441', '#2f6f7c', '#6a4c93', '#4f772d', '#9c6644', '#3d5a80', '#b56576']
const SHAPES = [
  'M20 3a17 17 0 1 1 0 34a17 17 0 1 1 0-34',
  'M8 5h24a3 3 0 0 1 3 3v24a3 3 0 0 1-3 3H8a3 3 0 0 1-3-3V8a3 3 0 0 1 3-3',
  'M20 4L37 34H3Z',
  'M20 2L37 20L20 38L3 20Z',
  'M12 4h16l9 16l-9 16H12L3 20Z',
  'M20 3l5 11.5l12.5 1.2l-9.4 8.3l2.8 12.2L20 29.8L9.1 36.2l2.8-12.2l-9.4-8.3L15 14.5Z',
  'M14 4h12v10h10v12H26v10H14V26H4V14h10Z',
  'M3 26a17 17 0 0 1 34 0v6a2 2 0 0 1-2 2H5a2 2 0 0 1-2-2Z',
]
const at = computed(() => Math.max(0, among.indexOf(name ?? '')))
const colour = computed(() => (name === null ? 'var(--sunken)' : (COLOURS[name] ?? OTHERS[at.value % OTHERS.length]!)))
</script>

<template>
  <svg
    viewBox="0 0 40 40"
    :style="size ? { width: size, height: size } : undefined"
    class="token shrink-0"
    aria-hidden="true"
    data-arrives
  >
    <path :d="SHAPES[at % SHAPES.length]" :fill="colour" stroke="#1c2430" stroke-width="1.8" stroke-linejoin="round" />
  </svg>
</template>
