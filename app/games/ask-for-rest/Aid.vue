<script setup lang="ts">
import { hasPartner } from '#core/games/ask-for-rest/partners'
import { mustHold } from '#core/kit/hands'
import { askForRest } from '#core/games/ask-for-rest/index'
import { leftOf } from '#core/games/ask-for-rest/rules'
import { facesOf } from '#core/kit/pack'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** What is left to be paired, and what each hand must hold, from all that was shown and by counting. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const shown = useAsked(() => tape)
const { rules, state } = useTable(askForRest, () => tape)
const live = computed(() =>
  facesOf(rules.value.pack).filter((card) => hasPartner(rules.value.pack, rules.value.target, card)),
)
const left = computed(() => live.value.map((card) => ({ card, count: leftOf(rules.value, state.value, card) })))
const must = computed(() =>
  seats.map((seat, i) => ({
    name: seat.name,
    cards: live.value.filter((card) => mustHold(rules.value.pack, state.value, i + 1, card)),
  })),
)
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-eye" class="size-5" /> What follows from what was shown</Key
    >
    <template v-if="shown">
      <p class="flex flex-wrap gap-x-4 gap-y-1">
        Not laid yet:
        <span v-for="row in left" :key="row.card" class="figures"
          ><b>{{ row.card }}</b> ×{{ row.count }}</span
        >
      </p>
      <ul>
        <li v-for="row in must" :key="row.name">
          {{ row.name }} holds for certain: <b class="figures">{{ row.cards.join(' ') || 'nothing known' }}</b>
        </li>
      </ul>
    </template>
  </div>
</template>
