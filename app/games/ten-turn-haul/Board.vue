<script setup lang="ts">
import type { HaulRules, HaulState } from '#core/games/ten-turn-haul/rules'
import HaulSheet from '~/games/ten-turn-haul/HaulSheet.vue'

/** Ten-Turn Haul for the room. */
const { rules, view, seats, turn, secret } = defineProps<{
  rules: HaulRules
  view: HaulState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <HaulSheet :rules="rules" :state="view" :seats="seats" :turn="turn[0] ?? null" :secret="secret" />
</template>
