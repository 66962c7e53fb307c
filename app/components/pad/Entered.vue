<script setup lang="ts">
/** What was entered so far; a single mistyped one among several is touched away. */
const {
  values,
  kind,
  sides = 6,
  size = '2.4rem',
} = defineProps<{
  values: readonly (number | string)[]
  kind: 'die' | 'card'
  sides?: number
  size?: string
}>()
const emit = defineEmits<{ remove: [at: number] }>()
</script>

<template>
  <span v-if="values.length" class="inline-flex flex-wrap gap-1 items-center" role="group" aria-label="Entered so far">
    <button
      v-for="(value, i) in values"
      :key="i"
      type="button"
      class="entered"
      :aria-label="`Remove the ${value}, ${i + 1} of ${values.length}`"
      title="Touch to remove"
      @mousedown.prevent
      @click="emit('remove', i)"
    >
      <Die v-if="kind === 'die'" :face="Number(value)" :sides="sides" :size="size" />
      <PlayingCard v-else :value="value" :size="size" />
    </button>
  </span>
</template>

<style scoped>
.entered {
  min-width: 2.75rem;
  min-height: 2.75rem;
  display: grid;
  place-items: center;
  border-radius: 0.6rem;
  cursor: pointer;
  touch-action: manipulation;
}
.entered:hover {
  background: var(--refused-soft);
}
</style>
