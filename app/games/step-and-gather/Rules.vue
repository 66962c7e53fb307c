<script setup lang="ts">
import { stepAndGather } from '#core/games/step-and-gather/index'
import type { StepState } from '#core/games/step-and-gather/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import PathsSheet from '~/games/step-and-gather/PathsSheet.vue'

/** Step & Gather explained, with one drawn step. */
const rules = rulesInOrder(stepAndGather, {}, 2)
const SEATS = [
  { name: 'Wren', pennant: 5 },
  { name: 'Yusuf', pennant: 8 },
]
const state: StepState = {
  seats: 2,
  first: 1,
  turn: 2,
  round: 3,
  fresh: false,
  places: [7, 5],
  cubes: [14, 9],
  newest: { by: 1, from: 3, to: 7, gathered: 6 },
}
const STEPS = [
  'Everybody has an own path with numbers on its spaces. Roll, and walk so many steps.',
  'Take as many cubes as the space says on which you land, and stack them in tens.',
  'Say how many you have now.',
  'A larger roll than the way home stops on the last space; or one stays until it fits, where that was agreed. Who is home is passed over.',
  'When all are home the towers are compared: most cubes win.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A step, drawn">
    <PathsSheet :rules="rules" :state="state" :seats="SEATS" />
    <p>
      Wren stood on the third space and rolled 4. She walks to the seventh, which says 6: with her 8 cubes that makes
      14, a ten and four.
    </p>
  </HowItGoes>
</template>
