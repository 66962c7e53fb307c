<script setup lang="ts">
/** The app's own number keys: a wrong answer is typed without calling up the system's keyboard. The text is what was typed. */
const { minus = false, longest = 6 } = defineProps<{
  /** A minus makes sense here. */
  minus?: boolean
  /** Figures at most. */
  longest?: number
}>()
const text = defineModel<string>({ required: true })

function type(digit: number) {
  if (text.value.replace('-', '').length < longest) text.value += String(digit)
}
</script>

<template>
  <div class="numbers" role="group" aria-label="Number keys">
    <Key
      v-for="digit in [1, 2, 3, 4, 5, 6, 7, 8, 9, 0]"
      :key="digit"
      class="number figures"
      :aria-label="`Figure ${digit}`"
      @click="type(digit)"
      >{{ digit }}</Key
    >
    <Key
      v-if="minus"
      class="number figures"
      aria-label="Minus"
      :aria-pressed="text.startsWith('-')"
      @click="text = text.startsWith('-') ? text.slice(1) : `-${text}`"
      >−</Key
    >
    <Key
      class="number"
      :why="!text && 'No figure is entered yet.'"
      aria-label="Remove the last figure"
      @click="text = text.slice(0, -1)"
      ><UIcon name="i-lucide-delete" class="size-5"
    /></Key>
  </div>
</template>

<style scoped>
.numbers {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(2.75rem, 1fr));
  gap: 0.25rem;
}
.number {
  min-width: 0;
  min-height: 2.75rem;
  padding: 0;
  font-size: 1.25rem;
}
</style>
