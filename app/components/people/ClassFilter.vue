<script setup lang="ts">
import { classesAmong } from '#core/room/classes'
import type { Person } from '#shared/people'

/** Everybody or a class, where there are classes; one that is no more counts as everybody. */
const { people } = defineProps<{ people: readonly Person[] }>()
const of = defineModel<string>({ required: true })
const classes = computed(() => classesAmong(people))
const choices = computed(() => [
  { value: '', label: 'Everybody' },
  ...classes.value.map((each) => ({ value: each, label: each })),
])
watch(classes, (now) => people.length && !now.includes(of.value) && (of.value = ''), { immediate: true })
</script>

<template>
  <ChoiceRow v-if="classes.length" v-model="of" label="Class" quiet :choices="choices" />
</template>
