<script setup lang="ts">
import type { KeeperRules, KeeperState } from '#core/games/column-keeper/rules'
import KeeperSheets from '~/games/column-keeper/KeeperSheets.vue'

/** Column Keeper for the room. */
const {
  rules,
  view,
  seats,
  only = undefined,
} = defineProps<{
  rules: KeeperRules
  view: KeeperState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  only?: readonly number[]
}>()
</script>

<template>
  <KeeperSheets :only="only" :rules="rules" :state="view" :seats="seats" />
</template>
