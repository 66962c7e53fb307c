<script setup lang="ts">
/** A blank in a sentence: what stands there is touched, and what else could stand there opens. */
const { text, label } = defineProps<{ text: string; label: string }>()
</script>

<template>
  <UPopover>
    <UButton variant="words" class="blank text-lg" :aria-label="`${label}: ${text}`">{{ text }}</UButton>
    <template #content>
      <div class="p-4 space-y-3 max-w-[min(32rem,92vw)]" :aria-label="label" role="group"><slot /></div>
    </template>
  </UPopover>
</template>

<style scoped>
.blank {
  padding: 0 0.4rem;
  color: var(--accent);
  text-decoration-style: dashed;
}
</style>
