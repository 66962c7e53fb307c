<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'

/**
 * A key: large enough for a thumb, pressed like a key of an adding machine. A touch doesn't take the focus, so that
 * Enter stays the pad's; by keyboard it is reached like any button. With `to` it is a link that looks the same, with
 * `file` one that brings a file along. With `why` it is grey, and tells why when it is asked.
 */
const {
  main = false,
  kbd = undefined,
  type = 'button',
  to = undefined,
  file = undefined,
  why = undefined,
} = defineProps<{
  main?: boolean
  /** The key of the keyboard that does the same: shown where there is a mouse, and so most likely a keyboard. */
  kbd?: string
  type?: 'button' | 'submit'
  to?: RouteLocationRaw
  /** Where the server hands the file out. */
  file?: string
  /** Why it is grey, as a sentence; without one it is not. */
  why?: string | false | null
}>()

const { greyFor } = useWhy()
const grey = computed(() => greyFor(why))
const link = computed(() => (file === undefined ? { to } : { href: file, external: true, download: '' }))

/** A field that is being typed in is left, so that what stands there counts; anything else keeps the focus. */
function keepFocus(event: MouseEvent) {
  if (to || file) return
  const active = document.activeElement
  if (active instanceof HTMLElement && active.matches('input, textarea')) active.blur()
  event.preventDefault()
}
</script>

<template>
  <UButton
    v-bind="{ ...link, ...grey }"
    :type="type"
    :variant="main ? 'main' : 'key'"
    :aria-keyshortcuts="kbd"
    size="key"
    @mousedown="keepFocus"
  >
    <UKbd v-if="kbd" class="hidden lg:pointer-fine:inline-flex" aria-hidden="true">{{ kbd }}</UKbd>
    <slot />
  </UButton>
</template>
