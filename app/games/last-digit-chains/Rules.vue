<script setup lang="ts">
import ChainLayout from '~/games/last-digit-chains/ChainLayout.vue'

/** Last-Digit Chains explained, with rows that have begun. */
const layout = {
  fans: [
    [3, 1, 9],
    [7, 4],
    [2, 6, 1, 7],
    [9, 9, 3],
  ],
  rows: [
    [1, 8, 9],
    [3, 4],
    [9, 2, 1, 3],
    [7, 6, 3],
  ],
}
const STEPS = [
  'Deal your cards open into fans of four; only the top of each fan is in reach.',
  'First lay the starting cards of the four rows: 1-8, 3-4, 9-2, 7-6.',
  'Then each next card of a row is the last digit of the sum of the two before it.',
  'Stuck? Deal what remains again, once, into fans of three. Fewest cards left wins.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Four rows under way">
    <ChainLayout :rules="{ chain: 'short' }" :layout="layout" />
    <p>
      In the first row 8 + 9 = 17, so a 7 is next: it lies on the third fan. In the second, 3 + 4 = 7 would take it too.
      Which is better?
    </p>
  </HowItGoes>
</template>
