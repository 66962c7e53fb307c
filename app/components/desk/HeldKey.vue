<script setup lang="ts">
/** A key that must be held: a touch in passing does nothing. Space or Enter held down does the same. */
const { label } = defineProps<{ label: string }>()
const emit = defineEmits<{ held: [] }>()

/** Milliseconds for which it is held. */
const HOLD_MS = 600
const holding = ref(false)
const { start, stop } = useTimeoutFn(
  () => {
    holding.value = false
    emit('held')
  },
  HOLD_MS,
  { immediate: false },
)
function press() {
  holding.value = true
  start()
}
function release() {
  holding.value = false
  stop()
}
const isPress = ({ key: pressed }: KeyboardEvent) => pressed === ' ' || pressed === 'Enter'
function down(event: KeyboardEvent) {
  if (!isPress(event)) return
  // The pad's Enter is not meant.
  event.preventDefault()
  event.stopPropagation()
  if (!event.repeat) press()
}
</script>

<template>
  <span
    @pointerdown="press"
    @pointerup="release"
    @pointerleave="release"
    @pointercancel="release"
    @contextmenu.prevent
    @keydown="down"
    @keyup="release"
    ><Key :class="{ holding }"
      ><UIcon name="i-lucide-eye" class="size-5" /> {{ label }} <span class="font-normal text-sm">(hold)</span></Key
    ></span
  >
</template>

<style scoped>
.holding {
  box-shadow: inset 0 -0.3rem 0 var(--accent);
}
</style>
