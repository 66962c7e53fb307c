<script setup lang="ts">
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import type { YardState } from '#core/games/skip-count-yard/rules'
import HandList from '~/games/skip-count-yard/HandList.vue'
import YardSheet from '~/games/skip-count-yard/YardSheet.vue'

/** Skip-Count Yard for the room. */
const { rules, view, seats } = defineProps<{
  rules: YardRules
  view: Pick<YardState, 'yard' | 'stock' | 'newest' | 'out'> & { readonly hands: readonly number[] }
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
}>()
</script>

<template>
  <div class="grid grid-rows-[1fr_auto] gap-2">
    <YardSheet :sets="rules.sets" :yard="view.yard" :stock="view.stock" :newest="view.newest" />
    <HandList :hands="view.hands" :out="view.out" :seats="seats" />
  </div>
</template>
