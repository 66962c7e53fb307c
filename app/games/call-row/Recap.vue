<script setup lang="ts">
import { callRow } from '#core/games/call-row/index'
import { ofSeat } from '#core/kit/seats'
import { showWorking } from '#core/contract/working'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Everybody's calls, in the order in which they were made. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const calls = computed(() =>
  countedPlays(callRow, tape).flatMap(({ number, play, rules, after }) =>
    play.do === 'call' && after.newest
      ? [
          {
            number,
            by: play.by,
            step: ofSeat(after.steps, play.by),
            text: showWorking({ kind: 'equation', terms: after.newest.terms, equals: rules.target }),
          },
        ]
      : [],
  ),
)
</script>

<template>
  <ul class="space-y-2">
    <li v-for="(seat, i) in seats" :key="i">
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seat.pennant" size="1.3rem" /> {{ seat.name }}
      </p>
      <p class="figures flex flex-wrap gap-x-5">
        <span v-for="call in calls.filter(({ by }) => by === i + 1)" :key="call.number">{{ call.text }}</span>
      </p>
    </li>
  </ul>
</template>
