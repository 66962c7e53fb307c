<script setup lang="ts">
import { coveredPart } from '#core/games/covered-part/index'
import { rulesInOrder } from '#core/kernel/houseRules'
import CoverSheet from '~/games/covered-part/CoverSheet.vue'

/** Covered Part explained, with one drawn hide. */
const rules = rulesInOrder(coveredPart, {}, 2)
const SEATS = [
  { name: 'Wren', pennant: 5 },
  { name: 'Tomasz', pennant: 2 },
]
const STEPS = [
  'The hider rolls two dice, or takes a domino, so that only the hider sees it, and tells the total.',
  'One part is covered, the other one shown. The other player says what lies under the cover.',
  'A total that was told wrong is put right before the guess.',
  'Lift the cover: a part that was found counts one. Then the roles change.',
  'With dominoes each is hidden once; when none is left all are mixed again.',
  'With three or four the next seat guesses, and then hides for the one after it.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A hide, drawn">
    <CoverSheet :rules="rules" :hidden="{ by: 1, shown: 3, covered: 1, total: 7 }" :seats="SEATS" />
    <p>Wren announces 7 and shows 3. What and 3 make 7? Tomasz counts on from 3 to 7: four lie under the cover.</p>
  </HowItGoes>
</template>
