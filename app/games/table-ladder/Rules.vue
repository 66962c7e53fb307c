<script setup lang="ts">
import { tableLadder } from '#core/games/table-ladder/index'
import type { LadderState } from '#core/games/table-ladder/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import LadderSheet from '~/games/table-ladder/LadderSheet.vue'

/** Table Ladder explained, with two ladders begun. */
const rules = rulesInOrder(tableLadder, { rungs: 6, factors: [3, 4] }, 2)
const SEATS = [
  { name: 'Odalys', pennant: 3 },
  { name: 'Kofi', pennant: 6 },
]
const filled = (factor: number, roll: number, said?: number) => ({
  roll,
  product: factor * roll,
  said: said ?? null,
  right: said === undefined,
})
const state: LadderState = {
  seats: 2,
  first: 1,
  turn: 1,
  round: 4,
  fresh: true,
  ladders: [
    [filled(3, 7), filled(3, 4), filled(3, 9)],
    [filled(4, 6), filled(4, 8, 30), filled(4, 3)],
  ],
}
const STEPS = [
  'Write one factor all the way down the ladder. Roll the other one.',
  'Say the product; usually only a right one fills the next rung. Where wrong ones are noted, they fill a rung too but do not count as right.',
  'In turns, one after another; or a race, everybody at once with an own die.',
  'A race is won by the first full ladder. In turns everybody wins together, or the most right products, or the highest total, as agreed.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Two ladders begun">
    <LadderSheet :rules="rules" :state="state" :seats="SEATS" :turn="[1]" />
    <p>
      Odalys has the threes: 3 × 7 = 21, then 12, then 27. Kofi said 30 for 4 × 8; the rung is filled but not right. 4 ×
      8 is 8 more than 4 × 6.
    </p>
  </HowItGoes>
</template>
