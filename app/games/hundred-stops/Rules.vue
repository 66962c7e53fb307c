<script setup lang="ts">
import { hundredStops } from '#core/games/hundred-stops/index'
import { judge, open } from '#core/games/hundred-stops/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import StopsTrack from '~/games/hundred-stops/StopsTrack.vue'

/** Hundred Stops explained, with one drawn journey. */
const rules = rulesInOrder(hundredStops, { end: 600 }, 2)
const start = open(rules, { seats: 2, first: 1 }).state
const verdict = judge(rules, start, { do: 'travel', by: 1, dice: [5, 4], hundreds: 1, order: ['h', 't9'] })
const state = verdict.stands ? verdict.next : start
const SEATS = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]
const STEPS = [
  'Roll the dice: their sum is that many tens. Spin: that many hundreds.',
  'Spend all of them in any order. A hundred is jumped at once, touching only where it lands; tens are walked one by one, touching each.',
  'Every stop touched gives its token, once.',
  'When someone is home the round is played to its end; most tokens win.',
  'The sister game of ones and tens goes from 10 to 120: a pip walks one, a hop jumps ten.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A journey, drawn">
    <StopsTrack :rules="rules" :state="state" :seats="SEATS" :way="state.journey?.touched ?? []" />
    <p>
      Ines rolls 5 and 4 and spins 1. She hops first and lands on 200, then walks to 290: one token. Walking first, to
      190, the hop would have jumped 200.
    </p>
  </HowItGoes>
</template>
