<script setup lang="ts">
import type { Balance } from '#core/contract/ready'

/** How a pack leans: both sides with their cards and weight, as bars. */
const { balance } = defineProps<{ balance: Balance }>()
const heaviest = computed(() => Math.max(1, ...balance.sides.map(({ total }) => total)))
</script>

<template>
  <div class="space-y-1">
    <div
      v-for="{ label, cards, total } in balance.sides"
      :key="label"
      class="grid grid-cols-[8.5rem_1fr] items-center gap-2"
    >
      <span>{{ label }}</span>
      <span class="flex items-center gap-2">
        <span class="bar" :style="{ width: `${(total / heaviest) * 60}%` }" />
        <b class="figures">{{ total }}</b>
        <span class="text-sm text-(--ink-soft) whitespace-nowrap">{{ cards }} cards</span>
      </span>
    </div>
    <p>{{ balance.says }}</p>
  </div>
</template>

<style scoped>
.bar {
  height: 1rem;
  background: var(--accent);
  border-radius: 0.2rem;
}
</style>
