<script setup lang="ts">
import type { EbbRules, EbbState } from '#core/games/ebb-and-flow/rules'
import EbbSheet from '~/games/ebb-and-flow/EbbSheet.vue'

/** Ebb & Flow for the room. */
const { rules, view, seats, secret } = defineProps<{
  rules: EbbRules
  view: EbbState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <EbbSheet :rules="rules" :state="view" :seats="seats" :secret="secret" />
</template>
