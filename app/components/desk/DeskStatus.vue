<script setup lang="ts">
import type { MatchStore } from '~/stores/match'

/** Whether what is on the tape is safe with the server. */
const { store } = defineProps<{ store: MatchStore }>()
</script>

<template>
  <p v-if="store.refusal" class="status text-(--refused)" role="alert">Not recorded: {{ store.refusal }}</p>
  <p v-else-if="!store.online" class="status text-(--call) flex items-center gap-1">
    <UIcon name="i-lucide-wifi-off" class="size-5 shrink-0" />
    {{
      store.kept ? `${store.kept} waiting; go on, they are kept here` : 'No connection; go on, entries are kept here'
    }}
  </p>
</template>

<style scoped>
.status {
  min-width: 0;
  font-weight: 600;
  line-height: 1.25;
}
</style>
