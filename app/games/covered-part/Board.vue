<script setup lang="ts">
import type { CoverRules, CoverState, PublicHidden } from '#core/games/covered-part/rules'
import CoverSheet from '~/games/covered-part/CoverSheet.vue'

/** Covered Part for the room: what lies covered is not even sent here before the guess. */
const { rules, view, seats } = defineProps<{
  rules: CoverRules
  view: Omit<CoverState, 'hidden'> & { hidden: PublicHidden | null }
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <CoverSheet :rules="rules" :hidden="view.hidden" :last="view.history.at(-1) ?? null" :seats="seats" />
</template>
