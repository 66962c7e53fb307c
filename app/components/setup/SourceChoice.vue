<script setup lang="ts">
/** Real dice and cards on the table, or the app as the dealer. */
const source = defineModel<'table' | 'dealt'>({ required: true })
const CHOICES = [
  { value: 'table' as const, label: 'Real dice and cards', hint: 'You enter what comes up.', icon: 'i-lucide-hand' },
  {
    value: 'dealt' as const,
    label: 'The app deals',
    hint: 'It rolls and draws; the seed is shown afterwards.',
    icon: 'i-lucide-dices',
  },
]
</script>

<template>
  <fieldset class="sheet p-4 space-y-3">
    <legend class="contents"><span class="block text-xl font-bold display">What you play with</span></legend>
    <div class="grid gap-2 sm:grid-cols-2">
      <label v-for="choice in CHOICES" :key="choice.value" class="choice">
        <input v-model="source" type="radio" name="source" class="sr-only" :value="choice.value" />
        <UIcon :name="choice.icon" class="size-6 shrink-0" />
        <span
          ><b class="block">{{ choice.label }}</b
          ><span class="text-sm text-(--ink-soft)">{{ choice.hint }}</span></span
        >
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
.choice {
  display: flex;
  align-items: center;
  gap: 0.75rem;
  padding: 0.6rem 0.9rem;
  border: 1px solid var(--ui-border-accented);
  border-radius: 0.5rem;
  cursor: pointer;
}
.choice:has(input:checked) {
  border: 3px solid var(--accent);
}
.choice:has(input:focus-visible) {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
</style>
