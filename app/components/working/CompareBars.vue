<script setup lang="ts">
import { relation } from '#core/contract/working'

/** Numbers as bars of one scale: the longest is seen at once. */
const { values } = defineProps<{ values: readonly number[] }>()
const most = computed(() => Math.max(...values, 1))
</script>

<template>
  <span class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 items-center">
    <template v-for="(value, i) in values" :key="i">
      <template v-if="i"
        ><span class="figures text-right text-(--ink-soft)">{{ relation(values[i - 1]!, value) }}</span
        ><i
      /></template>
      <b class="figures text-right">{{ minus(value) }}</b><i
        class="bar"
        :class="{ other: i % 2 }"
        :style="{ width: `${(100 * value) / most}%` }"
      />
    </template>
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
