<script setup lang="ts" generic="T extends string">
/** One of a few, as keys beside each other. */
const { label, choices } = defineProps<{
  label: string
  choices: readonly { readonly value: T | string; readonly label: string }[]
}>()
const value = defineModel<T>({ required: true })
</script>

<template>
  <div role="group" :aria-label="label" class="space-y-1">
    <p class="font-semibold" aria-hidden="true">{{ label }}</p>
    <div class="flex flex-wrap gap-1.5">
      <Key
        v-for="choice in choices"
        :key="choice.value"
        :aria-pressed="value === choice.value"
        @click="value = choice.value as T"
        >{{ choice.label }}</Key
      >
    </div>
  </div>
</template>
