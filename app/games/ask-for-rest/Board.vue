<script setup lang="ts">
import PairPiles from '~/games/ask-for-rest/PairPiles.vue'

/** Ask for the Rest for the room: piles and sizes of hands; no card in a hand is ever sent here. */
const { view, seats } = defineProps<{
  rules: unknown
  view: {
    turn: number
    owed: number | null
    hands: readonly number[]
    stock: number
    piles: readonly (readonly (readonly [number, number])[])[]
  }
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <PairPiles
    :piles="view.piles"
    :hands="view.hands"
    :stock="view.stock"
    :seats="seats"
    :turn="view.owed ?? view.turn"
  />
</template>
