<script setup lang="ts">
import StrikeSheet from '~/games/place-strike/StrikeSheet.vue'

/** Place Strike explained, with a board on which three are struck. */
const SEATS = [{ name: 'Tomasz', pennant: 2 }]
const state = {
  boards: [['352416', '124653', '641235']],
  struck: [[[3, 5], [6], []]],
  newest: { by: 1, digit: 4, place: 3, number: 1 },
}
const STEPS = [
  'Write six numbers of six digits, each digit from 1 to 6.',
  'Roll a digit and a place: 1 is the ones, 6 the hundred thousands.',
  'Strike that digit at that place in one of your numbers. If none has it there, say “none”.',
  'First with four digits struck in one number.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A 4 and the hundreds were rolled">
    <StrikeSheet :rules="{ digits: 6, numbers: 3 }" :state="state" :seats="SEATS" />
    <p>
      In 352,416 the hundreds are 4: struck. In 124,653 they are 6, in 641,235 they are 2. The 4 of 641,235 is worth
      40,000, so it does not count.
    </p>
  </HowItGoes>
</template>
