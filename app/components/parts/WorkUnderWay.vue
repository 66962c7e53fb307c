<script setup lang="ts">
/** How far a worker is, with the key that stops it; or that it broke off. Nothing where none is under way. */
defineProps<{ part: number; failed: boolean; doing: string; broke: string }>()
defineEmits<{ stop: [] }>()
</script>

<template>
  <div v-if="part" class="flex items-center gap-3" role="status">
    <LazyUProgress :model-value="part" :max="1" class="w-40 inline-flex" aria-label="How far" /> {{ doing }} …
    <UButton variant="words" @click="$emit('stop')">Stop</UButton>
  </div>
  <p v-else-if="failed" role="alert" class="text-(--refused) font-semibold">
    {{ broke }}; the match is not touched by it. Try again.
  </p>
</template>
