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
const isShown = useSeatShown()
</script>

<template>
  <ul class="grid gap-6 grid-cols-[repeat(auto-fit,minmax(17rem,1fr))]">
    <li
      v-for="(layout, i) in view.layouts"
      v-show="isShown(i + 1)"
      :key="i"
      class="flex flex-col justify-between gap-2"
    >
      <p class="flex items-center gap-2 font-bold text-[1.6rem]">
        <Pennant :number="seats[i]!.pennant" size="1.4rem" /> {{ seats[i]!.name }}
      </p>
      <RoofDrawing :rules="rules" :layout="layout" />
    </li>
  </ul>
</template>
