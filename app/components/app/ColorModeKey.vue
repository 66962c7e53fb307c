<script setup lang="ts">
/** Paper or slate: the light and the dark look. */
const mode = useColorMode()
const dark = computed(() => mode.value === 'dark')
</script>

<template>
  <UButton
    variant="bare"
    :aria-label="dark ? 'Switch to paper (light)' : 'Switch to slate (dark)'"
    @click="mode.preference = dark ? 'light' : 'dark'"
  >
    <UIcon :name="dark ? 'i-lucide-moon' : 'i-lucide-sun'" class="size-5" />
  </UButton>
</template>
