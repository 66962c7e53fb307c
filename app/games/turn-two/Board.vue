<script setup lang="ts">
import type { PairRules, PairState } from '#core/games/turn-two/rules'
import PairGrid from '~/games/turn-two/PairGrid.vue'

/** Turn Two for the room: backs and bare places, never what was seen. */
const { rules, view } = defineProps<{
  rules: PairRules
  view: Pick<PairState, 'stock' | 'newest'> & { readonly places: readonly boolean[] }
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <div class="flex flex-wrap items-center justify-center gap-x-10 gap-y-3">
    <PairGrid :places="view.places" :newest="view.newest" />
    <div class="text-lg space-y-2">
      <p>
        make <b class="figures text-4xl">{{ rules.target }}</b>
      </p>
      <p>
        stock <b class="figures">{{ view.stock }}</b>
      </p>
    </div>
  </div>
</template>
