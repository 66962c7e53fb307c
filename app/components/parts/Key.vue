<script setup lang="ts">
/**
 * A key: large enough for a thumb, pressed like a key of an adding machine. A touch doesn't take the focus, so that
 * Enter stays the pad's; by keyboard it is reached like any button.
 */
const {
  main = false,
  kbd = undefined,
  type = 'button',
} = defineProps<{
  main?: boolean
  /** The key of the keyboard that does the same. */
  kbd?: string
  type?: 'button' | 'submit'
}>()

/** A field that is being typed in is left, so that what stands there counts; anything else keeps the focus. */
function keepFocus(event: MouseEvent) {
  const active = document.activeElement
  if (active instanceof HTMLElement && active.matches('input, textarea')) active.blur()
  event.preventDefault()
}
</script>

<template>
  <button :type="type" class="key" :class="{ 'key-main': main }" @mousedown="keepFocus">
    <kbd v-if="kbd" class="kbd hidden">{{ kbd }}</kbd>
    <slot />
  </button>
</template>
