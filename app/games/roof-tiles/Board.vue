<script setup lang="ts">
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import type { RoofState } from '#core/games/roof-tiles/rules'
import RoofDrawing from '~/games/roof-tiles/RoofDrawing.vue'

/** All roofs side by side; the stock's order is nobody's to see. */
const { rules, view, seats } = defineProps<{
  rules: RoofRules
  view: RoofState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <ul class="grid gap-6 grid-cols-[repeat(auto-fit,minmax(17rem,1fr))]">
    <li v-for="(layout, i) in view.layouts" :key="i" class="space-y-2">
      <p class="flex items-center gap-2 font-bold text-xl">
        <Pennant :number="seats[i]!.pennant" size="1.4rem" /> {{ seats[i]!.name }}
      </p>
      <RoofDrawing :rules="rules" :layout="layout" />
    </li>
  </ul>
</template>
