<script setup lang="ts">
/** What to say to the players before the first play; the device can read it aloud. */
const { sentences } = defineProps<{ sentences: readonly string[] }>()
const { canRead, reading, read, hush } = useVoice()
</script>

<template>
  <div class="space-y-2">
    <blockquote class="border-l-4 border-(--accent) pl-3 space-y-1 text-lg">
      <p v-for="sentence in sentences" :key="sentence">{{ sentence }}</p>
    </blockquote>
    <Key v-if="canRead" :aria-pressed="reading" @click="reading ? hush() : read(sentences.join(' '))"
      ><UIcon :name="reading ? 'i-lucide-volume-x' : 'i-lucide-volume-2'" class="size-5" />
      {{ reading ? 'Be quiet' : 'Read it aloud' }}</Key
    >
  </div>
</template>
