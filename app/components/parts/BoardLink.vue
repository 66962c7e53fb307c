<script setup lang="ts">
/** The link to a board: opened here, on another device, or made anew, which cuts the old one off. */
const { path, what } = defineProps<{ path: string; what: string }>()
const emit = defineEmits<{ renew: [] }>()
</script>

<template>
  <LinkCode :path="path" :what="what">
    <Key main :to="path" target="_blank"
      ><UIcon name="i-lucide-presentation" class="size-5" /> Open in a new window</Key
    >
    <template #after
      ><Key @click="emit('renew')"><UIcon name="i-lucide-refresh-cw" class="size-5" /> New link</Key></template
    >
  </LinkCode>
</template>
