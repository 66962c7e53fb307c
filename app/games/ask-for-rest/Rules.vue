<script setup lang="ts">
import PairPiles from '~/games/ask-for-rest/PairPiles.vue'

/** Ask for the Rest explained, with one question drawn. */
const SEATS = [
  { name: 'Ines', pennant: 1 },
  { name: 'Tomasz', pennant: 2 },
  { name: 'Bao', pennant: 4 },
]
const PILES = [
  [
    [4, 6],
    [3, 7],
  ],
  [[1, 9]],
  [],
] as const
const STEPS = [
  'Take out the cards that have no partner. Five cards each; the rest is the stock.',
  'Whoever spots a pair in the own hand lays it, at any time.',
  'On your turn ask one player for the rest of a card that you hold: with a 3 in hand, for a 7.',
  'They have it: they give it, and you lay the pair. They don’t: you draw one card.',
  'An empty hand draws five new ones. When all is laid the taller pile wins.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A question, drawn">
    <PairPiles :piles="PILES" :hands="[4, 5, 6]" :stock="9" :seats="SEATS" :turn="1" />
    <p>
      Ines holds a 3 and asked Tomasz for a 7. He had one: 3 + 7 lies on her pile now. Everybody knows that she held the
      3.
    </p>
  </HowItGoes>
</template>
