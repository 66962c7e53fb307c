<script setup lang="ts">
import { columnKeeper } from '#core/games/column-keeper/index'
import { columnsOf } from '#core/games/column-keeper/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import KeeperSheet from '~/games/column-keeper/KeeperSheet.vue'

/** Column Keeper explained, with one sheet regrouped. */
const rules = rulesInOrder(columnKeeper, {}, 2)
const sheet = {
  columns: [
    [7, 5],
    [9, 8],
    [6, 4],
  ],
  aside: [1],
}
const STEPS = [
  'Draw digits one by one, in turn.',
  'Put each in a column for good: ones, tens or hundreds, two cards in each. One may be thrown away.',
  'When everybody has filled up, add the columns and regroup: tell your total.',
  'The best number takes the round; most rounds win.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A sheet, regrouped">
    <KeeperSheet :rules="rules" :sheet="sheet" class="max-w-sm" />
    <ColumnsDrawing :columns="columnsOf(sheet)" />
  </HowItGoes>
</template>
