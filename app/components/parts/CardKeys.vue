<script setup lang="ts">
/** A row of keys, one for each card (or face); `chosen` are marked. */
const { cards, chosen = [], disabled = () => false, label = (card: number) => `Card ${card}` } = defineProps<{
  cards: readonly number[]
  chosen?: readonly number[]
  disabled?: (card: number) => boolean
  label?: (card: number) => string
}>()
const emit = defineEmits<{ pick: [card: number] }>()
</script>

<template>
  <div class="flex flex-wrap gap-1.5">
    <button v-for="card in cards" :key="card" type="button" class="key card figures" :aria-pressed="chosen.includes(card)" :disabled="disabled(card)" :aria-label="label(card)" @click="emit('pick', card)">
      {{ card }}
    </button>
  </div>
</template>

<style scoped>
.card {
  min-width: 2.9rem;
  padding: 0 0.4rem;
  font-size: 1.35rem;
  background: var(--die);
  color: #1c2430;
}
.card[aria-pressed='true'] {
  background: var(--accent);
  color: var(--on-accent);
}
.card:disabled {
  background: var(--sunken);
  color: var(--ink-soft);
}
</style>
