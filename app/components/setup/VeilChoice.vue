<script setup lang="ts">
import type { About } from '#core/contract/game'

/** Whether a grown-up referees, or the children play on their own and the app keeps the answers to itself. */
const { about } = defineProps<{ about: Pick<About, 'finds'> }>()
const veiled = defineModel<boolean>({ required: true })
const manner = useWhoReferees(
  () => veiled.value,
  (now) => (veiled.value = now),
)
const CHOICES = [
  {
    value: 'refereed' as const,
    label: 'You referee',
    description: 'The verdict and the sum are there at once.',
    icon: 'i-lucide-eye',
  },
  {
    value: 'alone' as const,
    label: 'On their own',
    description: 'Answers are hidden until they are given.',
    icon: 'i-lucide-eye-off',
  },
]
</script>

<template>
  <section class="sheet p-4 space-y-2" aria-label="Who referees">
    <ChoiceRow v-model="manner" label="Who referees" :choices="CHOICES" cards />
    <p v-if="veiled" class="text-sm">Theirs to find: {{ about.finds.hides.join('; ') }}.</p>
  </section>
</template>
