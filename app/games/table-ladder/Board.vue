<script setup lang="ts">
import type { LadderRules, LadderState } from '#core/games/table-ladder/rules'
import LadderSheet from '~/games/table-ladder/LadderSheet.vue'

/** Table Ladder for the room. */
const { rules, view, seats, turn, secret } = defineProps<{
  rules: LadderRules
  view: LadderState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <LadderSheet :rules="rules" :state="view" :seats="seats" :turn="turn" :secret="secret" />
</template>
