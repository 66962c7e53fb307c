<script setup lang="ts">
import { relation } from '#core/working'

/** Two numbers as bars of one scale: the longer is seen at once. */
const { left, right } = defineProps<{ left: number; right: number }>()
const most = computed(() => Math.max(left, right, 1))
</script>

<template>
  <span class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 items-center">
    <b class="figures text-right">{{ left }}</b><i class="bar" :style="{ width: `${(100 * left) / most}%` }" />
    <span class="figures text-right text-(--ink-soft)">{{ relation(left, right) }}</span><i />
    <b class="figures text-right">{{ right }}</b><i class="bar other" :style="{ width: `${(100 * right) / most}%` }" />
  </span>
</template>

<style scoped>
.bar {
  height: 1.1rem;
  min-width: 2px;
  background: var(--accent);
}
.other {
  background: repeating-linear-gradient(45deg, var(--accent) 0 5px, var(--accent-soft) 5px 9px);
  border: 1px solid var(--accent);
}
</style>
