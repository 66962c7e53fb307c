<script setup lang="ts">
import type { AskState } from '#core/games/ask-for-rest/rules'
import type { Tape } from '#core/tape'
import PairPiles from '~/games/ask-for-rest/PairPiles.vue'
import type { Seat } from '~/utils/matches'

/** The piles at the end. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const state = computed(() => tape.state.game as AskState)
</script>

<template>
  <PairPiles :piles="state.piles" :hands="state.hands.map(({ size }) => size)" :stock="state.stock" :seats="seats" :turn="0" />
</template>
