<script setup lang="ts">
import { roofTiles } from '#core/games/roof-tiles/index'
import { judge, open } from '#core/games/roof-tiles/rules'
import { rulesInOrder } from '#core/kernel/houseRules'
import RoofDrawing from '~/games/roof-tiles/RoofDrawing.vue'

/** Roof Tiles explained, with a small roof in play. */
const rules = rulesInOrder(roofTiles, { rows: 4 }, 2)
const opened = open(
  rules,
  { seats: 1, first: 1, source: 'table', seed: null },
  { layouts: [[[4], [9, 6], [2, 5, 8], [3, 7, 1, 6]]] },
)
const start = 'state' in opened ? opened.state! : null
const taken = start && judge(rules, start, { do: 'turn', by: 1, card: 9 }, { overrule: false })
const state = taken && taken.stands ? taken.next : start
const STEPS = [
  'Lay a roof: one card, two below it, three below those …; each card is half covered by two of the row below. The rest is the stock.',
  'Take off what makes the target: a card alone, two uncovered cards, or an uncovered one with the turned card.',
  'When nothing fits, turn the next card of the stock.',
  'What is left at the end is added up. The least wins; nothing is perfect.',
  'Where it is agreed, its player says what is left before a roof counts as finished.',
]
</script>

<template>
  <HowItGoes :steps="STEPS" example="A roof, drawn">
    <RoofDrawing v-if="state" :rules="rules" :layout="state.layouts[0]!" :chosen="[6, 7]" class="max-w-md" />
    <p>3 and 7 make ten and come off: the 2 above them is free then. The turned 9 would go with the 1 as well.</p>
  </HowItGoes>
</template>
