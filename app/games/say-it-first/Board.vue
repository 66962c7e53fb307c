<script setup lang="ts">
import type { FirstRules, FirstState } from '#core/games/say-it-first/rules'
import FirstSheet from '~/games/say-it-first/FirstSheet.vue'

/** Say It First for the room. */
const { rules, view, seats } = defineProps<{
  rules: FirstRules
  view: FirstState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <FirstSheet :rules="rules" :state="view" :seats="seats" />
</template>
