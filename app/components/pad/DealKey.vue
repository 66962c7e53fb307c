<script setup lang="ts">
/** The key that asks the dealer: the largest there is, where the app deals. */
defineProps<{ icon: string }>()
</script>

<template>
  <Key main class="w-full text-xl !min-h-14"><UIcon :name="icon" class="size-6" /> <slot /></Key>
</template>
