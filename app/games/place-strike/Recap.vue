<script setup lang="ts">
import { placeStrike } from '#core/games/place-strike/index'
import StrikeSheet from '~/games/place-strike/StrikeSheet.vue'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Everybody's numbers with what was struck. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(placeStrike, () => tape)
</script>

<template>
  <StrikeSheet :rules="rules" :state="state" :seats="seats" />
</template>
