<script setup lang="ts">
import { exactLanding } from '#core/games/exact-landing/index'
import type { Tape } from '#core/kernel/tape'
import { showWorking } from '#core/contract/working'
import type { Seat } from '#shared/api'

/** Everyone's way, spin by spin, as number sentences. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(exactLanding, () => tape)
const ways = computed(() =>
  seats.map((_, i) =>
    countedPlays(exactLanding, tape).flatMap(({ play, verdict, before, after }) =>
      play.by === i + 1
        ? [{ text: showWorking(verdict.working[0]!), moved: before.places[i] !== after.places[i] }]
        : [],
    ),
  ),
)
</script>

<template>
  <ul class="space-y-2">
    <li v-for="(seat, i) in seats" :key="i">
      <p class="flex items-center gap-2">
        <Pennant :number="seat.pennant" size="1.2rem" /> <b>{{ seat.name }}</b> stands on
        <b class="figures">{{ state.places[i] }}</b>, {{ Math.abs(rules.goal - state.places[i]!) }} from the goal
      </p>
      <p class="figures flex flex-wrap gap-x-4">
        <span v-for="(spin, s) in ways[i]" :key="s" :class="{ 'line-through text-(--ink-soft)': !spin.moved }">{{
          spin.text
        }}</span>
        <span v-if="!ways[i]!.length" class="text-(--ink-soft)">no spin</span>
      </p>
    </li>
  </ul>
</template>
