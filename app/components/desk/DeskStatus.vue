<script setup lang="ts">
import type { MatchStore } from '~/stores/match'

/** Whether what is on the tape is safe with the server. */
const { store } = defineProps<{ store: MatchStore }>()
</script>

<template>
  <p v-if="store.refusal" class="text-(--refused) font-semibold" role="alert">Not recorded: {{ store.refusal }}</p>
  <p v-else-if="!store.online" class="text-(--call) font-semibold flex items-center gap-1">
    <UIcon name="i-lucide-wifi-off" class="size-5" />
    {{
      store.waiting.length
        ? `${store.waiting.length} waiting; go on, they are kept here`
        : 'No connection; go on, entries are kept here'
    }}
  </p>
</template>
