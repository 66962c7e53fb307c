<script setup lang="ts">
/** What is looked at now and then: behind a key that says what it is. */
const { label, icon = undefined } = defineProps<{ label: string; icon?: string }>()
</script>

<template>
  <UCollapsible>
    <Key><UIcon v-if="icon" :name="icon" class="size-5" /> {{ label }}</Key>
    <template #content><slot /></template>
  </UCollapsible>
</template>
