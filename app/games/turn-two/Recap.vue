<script setup lang="ts">
import { turnTwo } from '#core/games/turn-two/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** What everybody kept, and how many turns it took. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const turns = computed(() =>
  countedPlays(turnTwo, tape).flatMap(({ number, play, verdict }) =>
    play.do === 'turn' ? [{ number, play, kept: verdict.notes.some(({ code }) => code === 'kept') }] : [],
  ),
)
const rows = computed(() =>
  seats.map((seat, i) => {
    const own = turns.value.filter(({ play }) => play.by === i + 1)
    const kept = own.filter((turn) => turn.kept)
    return {
      ...seat,
      turns: own.length,
      kept: kept.map(({ number, play }) => ({ number, text: play.cards.join(' + ') })),
    }
  }),
)
</script>

<template>
  <ul class="space-y-2">
    <li v-for="row in rows" :key="row.name">
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="row.pennant" size="1.3rem" /> {{ row.name }}
        <span class="font-normal text-(--ink-soft)"
          ><span class="figures">{{ row.kept.length }}</span> of
          <span class="figures">{{ row.turns }}</span> turns</span
        >
      </p>
      <p class="figures flex flex-wrap gap-x-5">
        <span v-for="{ number, text } in row.kept" :key="number">{{ text }}</span>
      </p>
    </li>
  </ul>
</template>
