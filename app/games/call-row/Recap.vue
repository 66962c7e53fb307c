<script setup lang="ts">
import type { RowState } from '#core/games/call-row/rules'
import { showWorking } from '#core/contract/working'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Everybody's calls, in the order in which they were made. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const calls = computed(() =>
  tape.lines.flatMap(({ number, play, verdict, struck, after, before }) => {
    const { newest, steps } = after.game as RowState
    if (play?.do !== 'call' || !verdict.stands || struck || !newest) return []
    const { target } = before.rules as unknown as { target: number }
    return [
      {
        number,
        by: play.by!,
        step: steps[play.by! - 1]!,
        text: showWorking({ kind: 'equation', terms: newest.terms, equals: target }),
      },
    ]
  }),
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
