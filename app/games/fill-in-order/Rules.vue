<script setup lang="ts">
import FillLayout from '~/games/fill-in-order/FillLayout.vue'

/** Fill in Order explained, with a chain drawn. */
const layout = [1, null, 3, null, 5, null, 7, 8, null, 10]
const STEPS = [
  'Everybody has ten hidden cards in two rows of five: the places 1 to 10.',
  'Draw a card, or take the discard if it fits. Put it in its place and turn up the card that lay there.',
  'That card goes to its place, and so on, until one can’t go. It is the new discard.',
  'Whoever fills every place first wins the round, and plays the next with one place fewer.',
  'Without pictures a turn ends only with a card whose place is filled.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A 3 was drawn; under it lay a 7, under that a 3">
    <FillLayout :layout="layout" :coming="[3, 7]" />
    <p>
      The 3 and the 7 have gone to their places. The second 3 has none: the turn ends, and it lies open as the discard.
    </p>
  </HowItGoes>
</template>
