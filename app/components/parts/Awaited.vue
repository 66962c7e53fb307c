<script setup lang="ts">
/** What a page waits for: in words, above the shape of what will stand there, which is seen only if it takes a while. */
const { shape = 'rows' } = defineProps<{
  says: string
  shape?: 'rows' | 'cards'
}>()
const SHAPES = {
  rows: { count: 6, group: 'space-y-2', each: 'h-12' },
  cards: { count: 3, group: 'grid gap-4 md:grid-cols-2 xl:grid-cols-3', each: 'h-44' },
} as const
const shown = computed(() => SHAPES[shape])
</script>

<template>
  <div class="space-y-3" aria-busy="true">
    <p>{{ says }}</p>
    <div :class="shown.group" class="later" aria-hidden="true">
      <USkeleton v-for="n in shown.count" :key="n" :class="shown.each" />
    </div>
  </div>
</template>

<style scoped>
.later {
  animation: come 200ms 250ms both;
}
@keyframes come {
  from {
    opacity: 0;
  }
}
</style>
