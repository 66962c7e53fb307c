<script setup lang="ts">
import { askForRest } from '#core/games/ask-for-rest/index'
import type { Tape } from '#core/kernel/tape'
import PairPiles from '~/games/ask-for-rest/PairPiles.vue'
import type { Seat } from '#shared/api'

/** The piles at the end. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { state } = useTable(askForRest, () => tape)
</script>

<template>
  <PairPiles
    :piles="state.piles"
    :hands="state.hands.map(({ size }) => size)"
    :stock="state.stock"
    :seats="seats"
    :turn="0"
  />
</template>
