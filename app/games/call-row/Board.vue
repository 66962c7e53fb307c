<script setup lang="ts">
import type { RowRules, RowState } from '#core/games/call-row/rules'
import RowSheet from '~/games/call-row/RowSheet.vue'

/** Call the Row for the room. */
const { rules, view, seats } = defineProps<{
  rules: RowRules
  view: RowState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <RowSheet :rules="rules" :state="view" :seats="seats" />
</template>
