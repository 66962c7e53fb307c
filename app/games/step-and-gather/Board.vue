<script setup lang="ts">
import type { StepRules, StepState } from '#core/games/step-and-gather/rules'
import PathsSheet from '~/games/step-and-gather/PathsSheet.vue'

/** Step & Gather for the room. */
const { rules, view, seats, secret } = defineProps<{
  rules: StepRules
  view: StepState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <PathsSheet :rules="rules" :state="view" :seats="seats" :secret="secret" />
</template>
