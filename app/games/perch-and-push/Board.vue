<script setup lang="ts">
import type { PerchRules, PerchState } from '#core/games/perch-and-push/rules'
import PerchBoard from '~/games/perch-and-push/PerchBoard.vue'

/** Perch & Push for the room: everything lies open. */
const { rules, view, seats } = defineProps<{
  rules: PerchRules
  view: PerchState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <PerchBoard :rules="rules" :state="view" :seats="seats" />
</template>
