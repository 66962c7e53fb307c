<script setup lang="ts">
import { perchAndPush } from '#core/games/perch-and-push/index'
import { judge, open } from '#core/games/perch-and-push/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import PerchBoard from '~/games/perch-and-push/PerchBoard.vue'

/** Perch & Push explained, with one drawn push. */
const rules = rulesInOrder(perchAndPush, { goal: 5 }, 2)
let state = open(rules, { seats: 2, first: 1 }).state
for (const [by, cards, on] of [
  [1, [3, 7], 13],
  [2, [1, 8], 18],
  [1, [3, 4], 13],
] as const) {
  const verdict = judge(rules, state, { do: 'place', by, cards, on }, { overrule: false })
  if (verdict.stands) state = verdict.next
}
const SEATS = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]
const STEPS = [
  'Draw two cards and work each of them out with the agreed number: plus ten, or times six.',
  'Choose one of the two results and perch a marker on it.',
  'On a bare or own place the stack grows. On a rival’s, all markers there are pushed off and are yours.',
  'First with enough markers pushed off wins.',
  'The results of both cards may be said before one of them is chosen.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A turn, drawn">
    <PerchBoard :rules="rules" :state="state" :seats="SEATS" :options="[13, 18]" />
    <p>Tomasz draws 3 and 8: 3 + 10 = 13 pushes two markers of Ines; 8 + 10 = 18 would stack on his own.</p>
  </HowItGoes>
</template>
