<script setup lang="ts">
import type { KeeperRules, KeeperState } from '#core/games/column-keeper/rules'
import KeeperSheets from '~/games/column-keeper/KeeperSheets.vue'

/** Column Keeper for the room. */
const { rules, view, seats } = defineProps<{
  rules: KeeperRules
  view: KeeperState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <KeeperSheets :rules="rules" :state="view" :seats="seats" />
</template>
