<script setup lang="ts">
import type { DipRules, DipState } from '#core/games/token-dip/rules'
import DipSheet from '~/games/token-dip/DipSheet.vue'

/** Token Dip for the room. */
const { rules, view, seats, turn, secret } = defineProps<{
  rules: DipRules
  view: DipState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <DipSheet :rules="rules" :state="view" :seats="seats" :turn="turn[0] ?? null" :secret="secret" />
</template>
