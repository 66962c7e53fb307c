<script setup lang="ts">
import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import type { EbbState } from '#core/games/ebb-and-flow/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import EbbSheet from '~/games/ebb-and-flow/EbbSheet.vue'

/** Ebb & Flow explained, with one drawn turn. */
const rules = rulesInOrder(ebbAndFlow, {}, 2)
const SEATS = [
  { name: 'Bao', pennant: 4 },
  { name: 'Ines', pennant: 1 },
]
const state: EbbState = {
  seats: 2,
  first: 1,
  turn: 2,
  round: 2,
  fresh: false,
  totals: [4, 13],
  gone: [6, 8, 7],
  wild: false,
  newest: { by: 1, card: 7, up: false, before: 11, after: 4 },
}
const STEPS = [
  'Turn the next card: an even number is added to what you have, an odd one is taken away. Or warm and cool cards, where that was agreed.',
  'Say what you have now. Usually nobody falls below zero: the rest of a card is let go.',
  'A wild adds the next card, whatever it is; the same player turns it. Two wilds in a row still add one card.',
  'The pack must be fair: as many cards that add as that take away. It may still drift, since larger cards weigh more.',
  'The highest total wins, after the agreed turns or when the pack ends, with even turns.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A turn, drawn">
    <EbbSheet :rules="rules" :state="state" :seats="SEATS" />
    <p>Bao had 11 and turned a 7, which is odd: 11 − 7 = 4.</p>
  </HowItGoes>
</template>
