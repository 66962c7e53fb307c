<script setup lang="ts">
import type { TopRules, TopState } from '#core/games/top-total/rules'
import RoundsPaper from '~/games/top-total/RoundsPaper.vue'

/** Top Total for the room. */
const { view, seats } = defineProps<{
  rules: TopRules
  view: TopState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <RoundsPaper :state="view" :seats="seats" />
</template>
