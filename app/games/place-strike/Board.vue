<script setup lang="ts">
import type { StrikeRules, StrikeState } from '#core/games/place-strike/rules'
import StrikeSheet from '~/games/place-strike/StrikeSheet.vue'

/** Place Strike for the room. */
const { rules, view, seats, turn } = defineProps<{
  rules: StrikeRules
  view: StrikeState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <StrikeSheet :rules="rules" :state="view" :seats="seats" :turn="turn[0] ?? null" />
</template>
