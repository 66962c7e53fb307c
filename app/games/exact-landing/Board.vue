<script setup lang="ts">
import type { LandingRules, LandingState } from '#core/games/exact-landing/rules'
import LandingLine from '~/games/exact-landing/LandingLine.vue'
import { useBlankLine } from '~/games/exact-landing/useBlankLine'

/** Exact Landing for the room; its numbers are blank where that is this device's habit, chosen at the desk. */
const { rules, view, seats, secret } = defineProps<{
  rules: LandingRules
  view: LandingState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
const blank = useBlankLine()
</script>

<template>
  <LandingLine :rules="rules" :state="view" :seats="seats" :blank="blank" :secret="secret" room />
</template>
