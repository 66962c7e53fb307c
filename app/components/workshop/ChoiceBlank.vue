<script setup lang="ts" generic="T extends string">
/** A blank where one of a few stands. */
const { label, choices } = defineProps<{
  label: string
  choices: readonly { readonly value: T; readonly label: string }[]
}>()
const value = defineModel<T>({ required: true })
const text = computed(() => choices.find((choice) => choice.value === value.value)?.label ?? value.value)
</script>

<template>
  <Blank :text="text" :label="label">
    <ChoiceRow v-model="value" :label="label" :choices="choices" />
  </Blank>
</template>
