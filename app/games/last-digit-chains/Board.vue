<script setup lang="ts">
import type { ChainRules, ChainState } from '#core/games/last-digit-chains/rules'
import ChainLayout from '~/games/last-digit-chains/ChainLayout.vue'

/** All layouts side by side; the sums are for the children to find. */
const { rules, view, seats } = defineProps<{
  rules: ChainRules
  view: ChainState
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
const isShown = useSeatShown()
</script>

<template>
  <ul class="grid gap-6 grid-cols-[repeat(auto-fit,minmax(22rem,1fr))]">
    <li
      v-for="(layout, i) in view.layouts"
      v-show="isShown(i + 1)"
      :key="i"
      class="flex flex-col justify-between gap-2"
    >
      <p class="flex items-center gap-2 font-bold text-[1.6rem]">
        <Pennant :number="seats[i]!.pennant" size="1.4rem" /> {{ seats[i]!.name }}
      </p>
      <ChainLayout :rules="rules" :layout="layout" :sums="false" />
    </li>
  </ul>
</template>
