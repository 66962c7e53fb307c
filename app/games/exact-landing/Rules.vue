<script setup lang="ts">
import { exactLanding } from '#core/games/exact-landing/index'
import type { LandingState } from '#core/games/exact-landing/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import LandingLine from '~/games/exact-landing/LandingLine.vue'

/** Exact Landing explained, with one drawn hop. */
const rules = rulesInOrder(exactLanding, {}, 2)
const SEATS = [
  { name: 'Linnea', pennant: 7 },
  { name: 'Kofi', pennant: 6 },
]
const state: LandingState = {
  seats: 2,
  first: 1,
  turn: 2,
  round: 2,
  fresh: false,
  places: [8, 4],
  landed: [],
  newest: { by: 1, from: 5, to: 8, off: false },
}
const STEPS = [
  'Spin the sign and the step, and move so far: up for a plus, down for a minus.',
  'Say where the piece stands, and the number sentence.',
  'A spin off the line is spun again, or the turn is lost, or the line goes on: as agreed. The table may vote anew in the middle.',
  'Whoever lands exactly on the goal wins. Passing it does not count.',
  'A pointer between two fields is the referee’s call.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A hop, drawn">
    <LandingLine :rules="rules" :state="state" :seats="SEATS" />
    <p>Linnea stood on 5 and spun +3: 5 + 3 = 8. Two are missing to the goal, so +2 would do it.</p>
  </HowItGoes>
</template>
