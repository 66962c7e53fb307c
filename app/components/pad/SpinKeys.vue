<script setup lang="ts">
/** The fields of a spinner as keys, each number once. */
const { faces, sign = '' } = defineProps<{
  faces: readonly number[]
  /** Written before each number. */
  sign?: string
}>()
const emit = defineEmits<{ pick: [face: number] }>()
const keys = computed(() => [...new Set(faces)].sort((a, b) => a - b))
</script>

<template>
  <div class="flex flex-wrap gap-1.5">
    <Key
      v-for="face in keys"
      :key="face"
      class="face figures"
      :aria-label="`Spun ${sign}${face}`"
      @click="emit('pick', face)"
      >{{ sign }}{{ face }}</Key
    >
  </div>
</template>

<style scoped>
.face {
  min-width: 3.3rem;
  min-height: 3.2rem;
  font-size: 1.5rem;
}
</style>
