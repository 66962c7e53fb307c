<script setup lang="ts">
import { tokenDip } from '#core/games/token-dip/index'
import type { DipState } from '#core/games/token-dip/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import DipSheet from '~/games/token-dip/DipSheet.vue'

/** Token Dip explained, with two dishes drawn. */
const rules = rulesInOrder(tokenDip, {}, 2)
const SEATS = [
  { name: 'Wren', pennant: 5 },
  { name: 'Yusuf', pennant: 8 },
]
const state: DipState = {
  seats: 2,
  first: 1,
  turn: 1,
  round: 5,
  fresh: true,
  dishes: [
    ['amber', 'coral', 'plum', 'amber'],
    ['teal', 'slate', 'white', 'coral'],
  ],
  totals: [25, 19],
  agreed: [false, false],
}
const STEPS = [
  'Dip into the bag without looking and lay the token before you.',
  'Read in the key what it is worth, add it to what you have, and say the running total.',
  'First to the goal, usually 50; the round is played to its end, so that everybody has had as many dips.',
  'Before it is won, the winner’s tokens are counted against the tape.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Two dishes after four dips">
    <DipSheet :rules="rules" :state="state" :seats="SEATS" :turn="1" />
    <p>
      Wren has two amber, a coral and a plum: 6 + 6 + 3 + 10 = 25. Yusuf’s white token is worth nothing; 1 + 15 + 3 =
      19.
    </p>
  </HowItGoes>
</template>
