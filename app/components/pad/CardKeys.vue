<script setup lang="ts" generic="C extends Card">
import type { Card } from '#core/contract/card'

/** A row of keys, one for each card (or face); `chosen` are marked, `spent` are set apart but can be touched: a pack may be mis-sorted. */
const {
  cards,
  chosen = [],
  spent = () => false,
  label = (card: C) => `Card ${card}`,
} = defineProps<{
  cards: readonly C[]
  chosen?: readonly C[]
  spent?: (card: C) => boolean
  label?: (card: C) => string
}>()
const emit = defineEmits<{ pick: [card: C] }>()
</script>

<template>
  <div class="flex flex-wrap gap-1.5">
    <Key
      v-for="card in cards"
      :key="card"
      class="card figures"
      :aria-pressed="chosen.includes(card)"
      :class="{ spent: spent(card) }"
      :title="spent(card) ? 'All of these lie already' : undefined"
      :aria-label="label(card)"
      @click="emit('pick', card)"
    >
      {{ card }}
    </Key>
  </div>
</template>

<style scoped>
.card {
  min-width: 2.9rem;
  padding: 0 0.4rem;
  font-size: 1.4rem;
  background: var(--die);
  color: #1c2430;
}
.card[aria-pressed='true'] {
  background: var(--accent);
  color: var(--on-accent);
}
.spent:not([aria-pressed='true']) {
  background: var(--sunken);
  color: var(--ink-soft);
  border-style: dashed;
}
</style>
