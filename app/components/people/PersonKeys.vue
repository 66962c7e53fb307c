<script setup lang="ts">
import type { Person } from '#shared/people'

/** A key for each person, pressed for those who are chosen. */
const { people, chosen } = defineProps<{ people: readonly Person[]; chosen: (person: Person) => boolean }>()
const emit = defineEmits<{ toggle: [person: Person] }>()
</script>

<template>
  <Key v-for="person in people" :key="person.id" :aria-pressed="chosen(person)" @click="emit('toggle', person)"
    ><Pennant :number="person.pennant" size="1.1rem" /> {{ person.name }}</Key
  >
</template>
