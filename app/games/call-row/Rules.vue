<script setup lang="ts">
import { callRow } from '#core/games/call-row/index'
import type { RowState } from '#core/games/call-row/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import RowSheet from '~/games/call-row/RowSheet.vue'

/** Call the Row explained, with a row that holds three calls. */
const rules = rulesInOrder(callRow, {}, 2)
const SEATS = [
  { name: 'Bao', pennant: 4 },
  { name: 'Ines', pennant: 1 },
]
const state: RowState = { seats: 2, row: [8, 3, 6, 9, 4], away: [], steps: [4, 6], sitting: [], newest: null }
const STEPS = [
  'One card after another is dealt face up into a row, not too fast.',
  'Whoever sees cards in it that make the target, usually 10, calls them: added, or some taken away.',
  'The cards go away, and the caller climbs a step.',
  'First to the top wins. A wrong call costs what was agreed.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Who sees a ten?">
    <RowSheet :rules="rules" :state="state" :seats="SEATS" :chosen="[true, false, true, false, true]" />
    <p>8 + 6 − 4 = 10 is one; 6 + 4 = 10 is shorter, and 9 + 4 − 3 = 10 is there too.</p>
  </HowItGoes>
</template>
