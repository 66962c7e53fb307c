<script setup lang="ts">
import YardSheet from '~/games/skip-count-yard/YardSheet.vue'

/** Skip-Count Yard explained, with runs under way. */
const yard = { N: [12, 15, 18], E: [8], S: [20, 25], W: [], NE: [4, 8, 12, 16], SE: [], SW: [2], NW: [] }
const STEPS = [
  'The sets are mixed: the multiples of 2, 3, 4 and 5. Seven cards each; four lie open on the sides.',
  'Draw a card first. Then add cards that continue a run, as many as you like.',
  'A bare side takes any card or run, a bare corner only a set’s lowest card.',
  'Runs, or the upper part of one, may be moved onto what they continue or to a bare side. First without cards wins.',
  'Where it is agreed, the others play on for the next places; a younger child may begin with fewer cards.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="What may come next?">
    <YardSheet :sets="[2, 3, 4, 5]" :yard="yard" :stock="9" />
    <p>
      North are threes: 21. East is open: 10 for twos, 12 for fours. The 8 itself could go nowhere else: north-east has
      its own 8 already, so 20 is next there.
    </p>
  </HowItGoes>
</template>
