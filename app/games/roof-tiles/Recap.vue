<script setup lang="ts">
import { accountOf, leftOn } from '#core/games/roof-tiles/layout'
import { roofTiles } from '#core/games/roof-tiles/index'
import type { Tape } from '#core/kernel/tape'
import { list } from '#core/basics/words'
import { sumOf } from '#core/contract/working'
import type { Seat } from '#shared/api'

/** What is left of each roof, added up tens first; and a check against mistyped cards. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const { rules, state } = useTable(roofTiles, () => tape)
const layouts = computed(() => state.value.layouts)
const left = computed(() => layouts.value.map(leftOn))
/** In a dealt match nothing can have been mistyped. */
const checks = computed(() =>
  layouts.value.flatMap((layout, i) => {
    const account = tape.table.source === 'dealt' ? null : accountOf(rules.value, layout)
    return account?.stock.length ? [{ name: seats[i]!.name, account }] : []
  }),
)
</script>

<template>
  <div class="space-y-2">
    <ul class="space-y-1">
      <li v-for="(cards, i) in left" :key="i" class="flex flex-wrap gap-3 items-center">
        <Pennant :number="seats[i]!.pennant" size="1.2rem" /> <b>{{ seats[i]!.name }}</b>
        <WorkingLine v-if="cards.length" :working="sumOf(cards)" tens /><span v-else>cleared</span>
      </li>
    </ul>
    <Fold v-if="checks.length" label="Check the cards that were never turned" icon="i-lucide-scale">
      <ul class="space-y-1 mt-2 text-(--ink-soft)">
        <li v-for="{ name, account } in checks" :key="name">
          <b>{{ name }}:</b> {{ list(account.stock) }} must still lie in the stock. Roof {{ account.onRoof }}, turned
          {{ account.turned }} and stock make <span class="figures">{{ account.sum }}</span>, a multiple of
          {{ rules.target }}. Otherwise a card was mistyped or is missing.
        </li>
      </ul>
    </Fold>
  </div>
</template>
