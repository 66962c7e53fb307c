<script setup lang="ts">
/** Cubes stacked in towers of ten, the last one not full yet. */
const { cubes, label = '' } = defineProps<{ cubes: number; label?: string }>()
const towers = computed(() =>
  Array.from({ length: Math.ceil(Math.max(0, cubes) / 10) }, (_, i) => Math.min(10, cubes - 10 * i)),
)
</script>

<template>
  <span
    class="towers"
    role="img"
    :aria-label="`${label}${cubes} cubes: ${Math.floor(cubes / 10)} tens and ${cubes % 10}`"
  >
    <span v-for="(height, t) in towers" :key="t" class="tower" :class="{ full: height === 10 }"
      ><i v-for="cube in height" :key="cube"
    /></span>
  </span>
</template>

<style scoped>
.towers {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 3px;
  min-height: 5.2rem;
}
.tower {
  display: flex;
  flex-direction: column-reverse;
}
.tower i {
  width: 0.62rem;
  height: 0.52rem;
  border: 1px solid var(--ink);
  border-bottom-width: 0;
  background: var(--call-soft);
}
.tower i:first-child {
  border-bottom-width: 1px;
}
.full i {
  background: var(--accent-soft);
}
.full i:nth-child(5) {
  border-top-width: 2px;
}
</style>
