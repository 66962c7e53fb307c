<script setup lang="ts">
import PairGrid from '~/games/turn-two/PairGrid.vue'

/** Turn Two explained, with a match that is just turned. */
const STEPS = [
  'Twelve cards lie face down; the rest is the stock.',
  'Turn one card and say what you need to the target, usually 10. Then turn another.',
  'Together they make it: keep both, and fill the places from the stock, the lowest first. Else turn them back.',
  'When all places have been seen and no two make it, everything is shuffled and laid out again. Most cards win.',
]
const places = [true, true, true, true, true, false, true, true, true, true, true, true]
</script>

<template>
  <HowItGoes :steps="STEPS" example="Odalys turns the fourth, then the ninth">
    <PairGrid :places="places" :open="{ 4: 7, 9: 3 }" :newest="{ at: [4, 9], match: true }" />
    <p>7 + 3 = 10: she keeps both. Place 6 is bare because the stock is used up.</p>
  </HowItGoes>
</template>
