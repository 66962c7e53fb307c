<script setup lang="ts">
import type { StopsRules, StopsState } from '#core/games/hundred-stops/rules'
import StopsTrack from '~/games/hundred-stops/StopsTrack.vue'

/** Hundred Stops for the room. */
const { rules, view, seats } = defineProps<{
  rules: StopsRules
  view: StopsState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <StopsTrack :rules="rules" :state="view" :seats="seats" :way="view.journey?.touched ?? []" />
</template>
