<script setup lang="ts">
import { sayItFirst } from '#core/games/say-it-first/index'
import type { FirstState } from '#core/games/say-it-first/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import FirstSheet from '~/games/say-it-first/FirstSheet.vue'

/** Say It First explained, with a round drawn. */
const rules = rulesInOrder(sayItFirst, { explain: 'required' }, 2)
const SEATS = [
  { name: 'Linnea', pennant: 7 },
  { name: 'Kofi', pennant: 6 },
  { name: 'Ines', pennant: 1 },
]
const state: FirstState = {
  seats: 3,
  played: 4,
  gone: [3, 7, 2, 5, 5, 1, 9, 8, 4, 6, 1, 2],
  kept: [3, 6, 0],
  pot: [6, 1, 2],
  newest: null,
}
const STEPS = [
  'Everybody turns a card at the same moment.',
  'Call what all of them make together. Only your first answer counts.',
  'Whoever is first with the right answer says how they found it and keeps the cards.',
  'Where nobody is right, the cards lie in the pot for the next winner. Most cards win.',
  'Alone one turns two cards a round and keeps what was right.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A round with three cards in the pot">
    <FirstSheet :rules="rules" :state="state" :seats="SEATS" :cards="[8, 2, 4]" :winner="1" />
    <p>Linnea says “14, because 8 and 2 are ten”: she takes the three cards and the three in the pot.</p>
  </HowItGoes>
</template>
