<script setup lang="ts">
import type { LandingRules, LandingState } from '#core/games/exact-landing/rules'
import LandingLine from '~/games/exact-landing/LandingLine.vue'
import { useBlankLine } from '~/games/exact-landing/useBlankLine'

/** Exact Landing for the room; the numbers may be left blank here too. */
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
  <div class="space-y-2">
    <LandingLine :rules="rules" :state="view" :seats="seats" :blank="blank" :secret="secret" />
    <label class="inline-flex items-center gap-2 text-sm"><input v-model="blank" type="checkbox" class="size-5" /> Leave the numbers blank</label>
  </div>
</template>
