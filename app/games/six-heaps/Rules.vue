<script setup lang="ts">
import HeapBlock from '~/games/six-heaps/HeapBlock.vue'

/** Six Heaps explained, with a card that scores twice. */
const heaps = [
  [[5], [7, 1], [8]],
  [[9], [3], [2, 6]],
]
const STEPS = [
  'Six places lie bare, two rows of three. Everybody holds five cards.',
  'On your turn put one card onto any place or heap, only never onto its own number, and draw one.',
  'A straight run of neighbours through your card that makes the target, usually 14, is a point. Two runs are two points.',
  'A bare place breaks a run. Only the top cards count. Until all cards are played, or first to the goal.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="One card, two lines">
    <HeapBlock
      :heaps="heaps"
      :newest="[1, 3]"
      :lines="[
        [
          [1, 1],
          [1, 2],
          [1, 3],
        ],
        [
          [1, 3],
          [2, 3],
        ],
      ]"
    />
    <p>The 8 was just put: 5 + 1 + 8 = 14 across, and 8 + 6 = 14 down. Two points.</p>
  </HowItGoes>
</template>
