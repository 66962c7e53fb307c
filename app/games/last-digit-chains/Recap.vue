<script setup lang="ts">
import { lastDigitChains } from '#core/games/last-digit-chains/index'
import ChainLayout from '~/games/last-digit-chains/ChainLayout.vue'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Everybody’s rows, and what was left. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(lastDigitChains, () => tape)
</script>

<template>
  <ul class="grid gap-4 grid-cols-[repeat(auto-fit,minmax(min(100%,18rem),1fr))]">
    <li v-for="(layout, i) in state.layouts" :key="i" class="space-y-1">
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seats[i]!.pennant" size="1.3rem" /> {{ seats[i]!.name }}
      </p>
      <ChainLayout :rules="rules" :layout="layout" small />
    </li>
  </ul>
</template>
