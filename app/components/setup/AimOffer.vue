<script setup lang="ts">
import { list } from '#core/basics/words'
import { keyOfAim } from '#core/mastery/aims'
import { rulesToward } from '#core/practice/toward'
import { sayAim } from '#core/wording/mastery'
import type { Setup } from '~/composables/useSetup'
import type { Person } from '#shared/people'

/** What those at the table work on, and house rules turned toward it with a touch; nothing where nobody works on anything. */
const { setup, people } = defineProps<{ setup: Setup; people: readonly Person[] }>()

const seated = computed(() =>
  setup.seats.value.map(
    ({ name, members }) =>
      people.find((person) => !members && person.name.toLowerCase() === name.trim().toLowerCase()) ?? null,
  ),
)
const working = computed(() => seated.value.filter((person) => person?.aims.length))
/** Whoever came from a child's page chose what the rules are to go by: that aim first. */
const asked = useRoute().query.toward
const toward = computed(() =>
  rulesToward(
    setup.game.value.id,
    seated.value.map((person) =>
      [...(person?.aims ?? [])].sort((a, b) => Number(keyOfAim(b) === asked) - Number(keyOfAim(a) === asked)),
    ),
  ),
)
const take = () => toward.value && setup.usePreset({ ...setup.named.value, ...toward.value })
// The people come a moment after the page.
if (asked) whenever(toward, take, { once: true, immediate: true })
const taken = computed(
  () =>
    toward.value !== null &&
    Object.entries(toward.value).every(
      ([rule, value]) => JSON.stringify(setup.rules.value[rule]) === JSON.stringify(value),
    ),
)
</script>

<template>
  <section v-if="working.length" class="sheet p-4 space-y-2" aria-label="Working on">
    <p v-for="person in working" :key="person!.id" class="flex items-center gap-2">
      <Pennant :number="person!.pennant" size="1.4rem" />
      <span
        ><b>{{ person!.name }}</b> works on {{ list(person!.aims.map(sayAim)) }}.</span
      >
    </p>
    <Key v-if="toward" :why="taken && 'They go by that already.'" @click="take()"
      ><UIcon name="i-lucide-target" class="size-5" />
      {{ taken ? 'The house rules go by that' : 'Let the house rules go by that' }}</Key
    >
  </section>
</template>
