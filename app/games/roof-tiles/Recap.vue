<script setup lang="ts">
import { total } from '#core/dice'
import { leftOn } from '#core/games/roof-tiles/layout'
import type { RoofRules, RoofState } from '#core/games/roof-tiles/rules'
import { cardsOf } from '#core/pack'
import type { Tape } from '#core/tape'
import { sumOf } from '#core/working'
import type { Seat } from '~/utils/matches'

/** What is left of each roof, added up tens first; and a check against mistyped cards. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const rules = computed(() => tape.state.rules as RoofRules)
const left = computed(() => (tape.state.game as RoofState).layouts.map(leftOn))
const checkable = computed(() => total(cardsOf(rules.value.pack)) % rules.value.target === 0)
</script>

<template>
  <div class="space-y-2">
    <ul class="space-y-1">
      <li v-for="(cards, i) in left" :key="i" class="flex flex-wrap gap-3 items-center">
        <Pennant :number="seats[i]!.pennant" size="1.2rem" /> <b>{{ seats[i]!.name }}</b>
        <WorkingLine v-if="cards.length" :working="sumOf(cards)" tens /><span v-else>cleared</span>
      </li>
    </ul>
    <p v-if="checkable" class="text-sm text-(--ink-soft)">A check: what is left of roof, turned cards and stock together makes a multiple of {{ rules.target }}; if not, a card was mistyped or is missing.</p>
  </div>
</template>
