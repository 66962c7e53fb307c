<script setup lang="ts">
/** Real dice and cards on the table, or the app as the dealer. */
const source = defineModel<'table' | 'dealt'>({ required: true })
const CHOICES = [
  {
    value: 'table' as const,
    label: 'Real dice and cards',
    description: 'You enter what comes up.',
    icon: 'i-lucide-hand',
  },
  {
    value: 'dealt' as const,
    label: 'The app deals',
    description: 'It rolls and draws; the seed is shown afterwards.',
    icon: 'i-lucide-dices',
  },
]
</script>

<template>
  <section class="sheet p-4" aria-label="What you play with">
    <ChoiceRow v-model="source" label="What you play with" :choices="CHOICES" cards />
  </section>
</template>
