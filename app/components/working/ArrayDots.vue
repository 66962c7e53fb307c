<script setup lang="ts">
/** A product as rows of dots, a thicker gap after every fifth so that they are seen and not counted. */
const { rows, columns } = defineProps<{ rows: number; columns: number }>()

const GAP = 4
const place = (i: number) => (i - 1) * 10 + Math.floor((i - 1) / 5) * GAP + 6
</script>

<template>
  <svg
    :viewBox="`0 0 ${place(columns) + 6} ${place(rows) + 6}`"
    :style="{ width: `min(100%, ${(place(columns) + 6) * 1.1}px)` }"
    aria-hidden="true"
  >
    <template v-for="r in rows" :key="r">
      <circle v-for="c in columns" :key="c" :cx="place(c)" :cy="place(r)" r="3.6" fill="var(--accent)" />
    </template>
  </svg>
</template>
