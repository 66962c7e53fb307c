<script setup lang="ts">
/** Where a passcode is given; it is the first thing that is typed. */
const { label } = defineProps<{ label: string }>()
const passcode = defineModel<string>({ required: true })
</script>

<template>
  <UFormField name="passcode" :label="label">
    <UInput
      v-model="passcode"
      class="w-full"
      :ui="{ base: 'figures h-14 text-2xl' }"
      type="password"
      autocomplete="current-password"
      autofocus
    />
  </UFormField>
</template>
