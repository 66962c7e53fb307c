<script setup lang="ts">
import type { OwnRules } from '#core/games/own-game/houseRules'
import type { OwnState } from '#core/games/own-game/state'
import OwnSheet from '~/games/own-game/OwnSheet.vue'

/** An own game for the room. */
const { rules, view, seats, turn, secret } = defineProps<{
  rules: OwnRules
  view: OwnState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <OwnSheet :rules="rules" :state="view" :seats="seats" :turn="turn[0] ?? null" :secret="secret" />
</template>
