<script setup lang="ts">
import { sayItFirst } from '#core/games/say-it-first/index'
import type { FirstState } from '#core/games/say-it-first/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Who took which round, and how many cards; the facts that were not sure. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { state } = useTable(sayItFirst, () => tape)
const rounds = computed(() =>
  tape.lines.flatMap(({ play, verdict, struck, after }) =>
    play && verdict.stands && !struck ? [(after.game as FirstState).newest!] : [],
  ),
)
const rows = computed(() =>
  rounds.value.map(({ cards, winner, took }) =>
    cards.map((card, i) => (winner === i + 1 ? `${card} (+${took})` : card)),
  ),
)
const best = (row: number, seat: number) => rounds.value[row]!.winner === seat
</script>

<template>
  <RoundsTable :tape="tape" :seats="seats" caption="Cards by round" :rows="rows" :totals="state.kept" :best="best" />
</template>
