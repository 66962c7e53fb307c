<script setup lang="ts">
/** What pops up over any page; what tells of things done comes with the first of them. */
const { toasts } = useToast()
const told = ref(false)
whenever(
  () => toasts.value.length,
  () => (told.value = true),
  { once: true },
)
const { asked } = useWhy()
</script>

<template>
  <NuxtLayout>
    <NuxtPage />
  </NuxtLayout>
  <UOverlayProvider />
  <LazyUToaster v-if="told" position="top-center" />
  <LazyWhyTip v-if="asked" />
</template>
