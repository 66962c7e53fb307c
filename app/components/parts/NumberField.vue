<script setup lang="ts">
/** A number that is always there: an emptied field leaves the one before. */
const value = defineModel<number>({ required: true })
</script>

<template>
  <UInputNumber :model-value="value" @update:model-value="typeof $event === 'number' && (value = $event)" />
</template>
