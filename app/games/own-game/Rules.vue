<script setup lang="ts">
import { ownGame } from '#core/games/own-game/index'
import { judge } from '#core/games/own-game/rules'
import { sayRecipe } from '#core/games/own-game/sayRecipe'
import { open } from '#core/games/own-game/state'
import { rulesInOrder } from '#core/kernel/houseRules'
import OwnSheet from '~/games/own-game/OwnSheet.vue'

/** An own game explained, with one recipe read back and a throw of it drawn. */
const harbour = ownGame.presets.find(({ id }) => id === 'harbour')!
const rules = rulesInOrder(ownGame, harbour.rules, 2)
const start = open(rules, { seats: 2, first: 1 }).state
const first = judge(rules, start, { do: 'throw', by: 1, numbers: [6] }, { overrule: false })
const state = first.stands ? first.next : start
const SEATS = [
  { name: 'Kofi', pennant: 1 },
  { name: 'Linnea', pennant: 2 },
]
const STEPS = [
  'Agree what a throw brings: dice, a spinner or cards; and what is worked out of it.',
  'Agree what that does: it is added or taken, it moves a marker, it is compared, it comes near to a target.',
  'Agree what is special, and when it is over. Everything else is as in any game.',
  ...sayRecipe(rules)
    .slice(0, 2)
    .map((sentence) => `For example: ${sentence}`),
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A throw, drawn">
    <OwnSheet :rules="rules" :state="state" :seats="SEATS" :turn="2" />
    <p>Kofi throws 6 and lands on 6, a slipway: on to 14. Now Linnea throws.</p>
  </HowItGoes>
</template>
