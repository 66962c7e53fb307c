<script setup lang="ts">
import { hundredStops } from '#core/games/hundred-stops/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Where everybody ended, and the stops they touched. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { state } = useTable(hundredStops, () => tape)
const stops = (i: number) => [...state.value.kept[i]!, ...state.value.tokens[i]!]
const awarded = computed(() => state.value.awards.some((points) => points !== 0))
</script>

<template>
  <div class="space-y-3">
    <ul class="space-y-1">
      <li v-for="(seat, i) in seats" :key="i" class="flex flex-wrap gap-x-3 items-center">
        <Pennant :number="seat.pennant" size="1.2rem" /> <b>{{ seat.name }}</b> on {{ state.places[i] }}
        <span class="figures text-(--ink-soft)">{{ stops(i).join(' ') || 'no stop touched' }}</span>
      </li>
    </ul>
    <RoundsTable
      v-if="awarded"
      :tape="tape"
      :seats="seats"
      caption="Tokens and rulings"
      head="Tokens"
      :rows="[seats.map((_, i) => stops(i).length)]"
    />
  </div>
</template>
