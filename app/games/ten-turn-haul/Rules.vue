<script setup lang="ts">
import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import type { HaulState } from '#core/games/ten-turn-haul/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import HaulSheet from '~/games/ten-turn-haul/HaulSheet.vue'

/** Ten-Turn Haul explained, with four turns drawn. */
const rules = rulesInOrder(tenTurnHaul, {}, 2)
const SEATS = [
  { name: 'Odalys', pennant: 3 },
  { name: 'Bao', pennant: 4 },
]
const state: HaulState = {
  seats: 2,
  first: 1,
  turn: 1,
  round: 5,
  fresh: true,
  spins: [
    [7, 4, 9, 6],
    [10, 3, 8, 2],
  ],
  totals: [26, 23],
}
const STEPS = [
  'Spin once each turn, write the number into the next box and add it to what you have.',
  'Say the running total: it is quicker to go to the next ten first.',
  'Everybody has as many turns. After the last one the sums are compared.',
  'Usually the highest sum wins; the lowest, where that was agreed.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Four turns, drawn">
    <div class="flex flex-wrap gap-4 items-center">
      <HaulSheet class="flex-1 basis-96" :rules="rules" :state="state" :seats="SEATS" :turn="1" />
      <Spinner :faces="rules.faces" :at="2" size="8rem" />
    </div>
    <p>Odalys had 20 and spun 6: 26. Bao had 21 and spun 2: 23. Three more for Bao would make it level.</p>
  </HowItGoes>
</template>
