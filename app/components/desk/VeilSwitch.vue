<script setup lang="ts">
import type { MatchStore } from '~/stores/match'

/** Whether the children play on their own here: one touch, and every device at this table follows. */
const { store, small = false } = defineProps<{
  store: MatchStore
  /** A sign alone. */
  small?: boolean
}>()
const { on, turn } = useVeil(store)
</script>

<template>
  <Key
    :aria-pressed="on"
    :aria-label="small ? 'On their own' : undefined"
    :title="on ? 'On their own: answers are hidden until they are given' : 'On their own: hide the answers'"
    @click="turn"
    ><UIcon :name="on ? 'i-lucide-eye-off' : 'i-lucide-eye'" class="size-5" />
    <template v-if="!small">On their own</template></Key
  >
</template>
