<script setup lang="ts">
/** The keys beside a verdict: in a row, and in little room small and without their pictures. */
const { label } = defineProps<{ label: string }>()
</script>

<template>
  <div class="keys" role="group" :aria-label="label"><slot /></div>
</template>

<style scoped>
.keys {
  display: flex;
  gap: 0.3rem;
  overflow-x: auto;
}
.keys :deep(.key) {
  padding: 0 0.6rem;
  font-size: 0.95rem;
  white-space: nowrap;
}
@media (max-width: 30rem) {
  .keys :deep(.key) {
    padding: 0 0.4rem;
    gap: 0.25rem;
    font-size: 0.85rem;
    flex: none;
  }
}
/* Low: words in two lines. */
@media (max-height: 34rem) {
  .keys :deep(.key) {
    min-height: 2.75rem;
    max-width: 5rem;
    padding: 0 0.35rem;
    white-space: normal;
    line-height: 1.05;
  }
  .keys :deep(.key > span) {
    font-size: 0.8rem;
  }
}
@media (max-width: 30rem), (max-height: 34rem) {
  .keys :deep(.key:not([aria-label='Never mind']) > :first-child:not(:last-child)) {
    display: none;
  }
}
</style>
