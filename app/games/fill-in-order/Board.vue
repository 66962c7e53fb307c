<script setup lang="ts">
import type { Face } from '#core/games/fill-in-order/cards'
import type { FillRules, FillState } from '#core/games/fill-in-order/rules'
import FillLayout from '~/games/fill-in-order/FillLayout.vue'

/** Fill in Order for the room: the places that lie open, the top discard, the stock. */
const { rules, view, seats, turn } = defineProps<{
  rules: FillRules
  view: Pick<FillState, 'layouts' | 'stock' | 'won' | 'newest'> & { readonly top: Face | null }
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
const isShown = useSeatShown()
</script>

<template>
  <div class="flex flex-wrap items-start justify-evenly gap-6">
    <div
      v-for="(layout, i) in view.layouts"
      v-show="isShown(i + 1)"
      :key="i"
      class="p-2 rounded-lg border-2 grow"
      :class="turn.includes(i + 1) ? 'border-(--accent)' : 'border-(--rule)'"
    >
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seats[i]!.pennant" size="1.3rem" /> {{ seats[i]!.name }}
      </p>
      <FillLayout :layout="layout" :newest="view.newest?.by === i + 1 ? view.newest.slots : []" />
    </div>
    <div class="grid justify-items-center gap-1">
      <PlayingCard :value="view.top ?? ''" size="3.4rem" :dim="view.top === null" />
      <span>discard</span>
      <span
        >stock <b class="figures">{{ view.stock }}</b></span
      >
      <span v-if="rules.wild !== 'none'">{{ rules.wild }} is wild</span>
    </div>
  </div>
</template>
