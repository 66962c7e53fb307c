<script setup lang="ts">
import type { MatchStore } from '~/stores/match'

/** The clock of the whole room as a table sees it; it is set for all tables at once, on the page of the room. */
const { store } = defineProps<{ store: MatchStore }>()
const over = computed(() => Boolean(store.tape?.state.result))
const { running, left, text, nearEnd } = useRoomClock(() => store.room)
</script>

<template>
  <p
    v-if="left !== null && !over && !store.room?.called"
    class="figures font-bold inline-flex items-center gap-1 text-lg"
    :class="nearEnd ? 'text-(--call)' : running ? '' : 'text-(--ink-soft)'"
    role="timer"
    aria-label="Clock of the room"
    title="The clock of the whole room"
  >
    <UIcon :name="running ? 'i-lucide-timer' : 'i-lucide-pause'" class="size-4" /> {{ text }}
  </p>
</template>
