<script setup lang="ts">
import type { StopsState } from '#core/games/hundred-stops/rules'
import type { Tape } from '#core/tape'
import type { Seat } from '~/utils/matches'

/** Where everybody ended, and the stops they touched. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const state = computed(() => tape.state.game as StopsState)
</script>

<template>
  <ul class="space-y-1">
    <li v-for="(seat, i) in seats" :key="i" class="flex flex-wrap gap-x-3 items-center">
      <Pennant :number="seat.pennant" size="1.2rem" /> <b>{{ seat.name }}</b> on {{ state.places[i] }}
      <span class="figures text-(--ink-soft)">{{ state.tokens[i]!.join(' ') || 'no stop touched' }}</span>
    </li>
  </ul>
</template>
