<script setup lang="ts">
import RoundLine from '~/games/top-total/RoundLine.vue'

/** Top Total explained, with three rounds drawn. */
const SEATS = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
]
const ROUNDS = [
  {
    passes: [{ seats: [1, 2], results: [7, 9] }],
    winners: [2],
    why: 'Ines rolled 3 + 4, Tomasz 6 + 3. Seven is less than nine: the round is his.',
  },
  { passes: [{ seats: [1, 2], results: [11, 5] }], winners: [1], why: '6 + 5 against 4 + 1: this one is hers.' },
  {
    passes: [{ seats: [1, 2], results: [8, 8] }],
    winners: [],
    why: '5 + 3 and 6 + 2 make the same: usually a level round is nobody’s.',
  },
]
const STEPS = [
  'In each round everyone rolls the dice once, one after another, and says what they make.',
  'Add them; or multiply them, or take the smaller from the larger, as agreed.',
  'Write the results side by side, and the sign between them: <, > or =.',
  'The best result takes the round. After the agreed rounds whoever has most of them wins.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Three rounds, drawn">
    <div v-for="(round, i) in ROUNDS" :key="i" class="space-y-1">
      <RoundLine :passes="round.passes" :winners="round.winners" :seats="SEATS" />
      <p>{{ round.why }}</p>
    </div>
  </HowItGoes>
</template>
