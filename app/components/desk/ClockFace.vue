<script setup lang="ts">
import type { MatchStore } from '~/stores/match'

/** The clock of a match: how much is left, started and paused by touch where it may be. Calm near the end. */
const { store, still } = defineProps<{ store: MatchStore; still: boolean }>()

const state = computed(() => store.tape?.state)
const { running, left, text, nearEnd } = useClock(
  () => store.clock,
  () => state.value?.rules.minutes ?? null,
)
const over = computed(() => Boolean(state.value?.result))
</script>

<template>
  <p v-if="left === null && state?.timeCalled && !over" class="font-semibold text-(--call)" role="status">
    time: finish the round
  </p>
  <div v-else-if="left !== null && !over" class="flex items-center gap-2" role="timer" aria-label="Clock">
    <span class="figures text-2xl font-bold" :class="{ 'text-(--call)': nearEnd }">{{ text }}</span>
    <span v-if="state?.timeCalled" class="font-semibold text-(--call)">time: finish the round</span>
    <Key
      v-else-if="!still"
      :aria-label="running ? 'Pause the clock' : 'Start the clock'"
      @click="store.setClock(running ? 'pause' : 'start')"
    >
      <UIcon :name="running ? 'i-lucide-pause' : 'i-lucide-play'" class="size-5" />
    </Key>
  </div>
</template>
