<script setup lang="ts">
import type { Turn } from '#core/games/turn-two/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** What everybody kept, and how many turns it took. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const turns = computed(() =>
  tape.lines.filter(({ play, verdict, struck }) => play?.do === 'turn' && verdict.stands && !struck),
)
const rows = computed(() =>
  seats.map((seat, i) => {
    const own = turns.value.filter(({ play }) => play!.by === i + 1)
    const kept = own.filter(({ verdict }) => verdict.notes.some(({ code }) => code === 'kept'))
    return {
      ...seat,
      turns: own.length,
      kept: kept.map(({ number, play }) => ({ number, text: (play as unknown as Turn).cards.join(' + ') })),
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
