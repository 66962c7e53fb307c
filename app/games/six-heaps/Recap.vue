<script setup lang="ts">
import { sixHeaps } from '#core/games/six-heaps/index'
import { topAt } from '#core/games/six-heaps/block'
import type { HeapState } from '#core/games/six-heaps/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Every line that scored, and by whom. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { state } = useTable(sixHeaps, () => tape)
const scored = computed(() =>
  tape.lines.flatMap(({ number, play, verdict, struck, after }) => {
    const { newest, heaps } = after.game as HeapState
    if (play?.do !== 'place' || !verdict.stands || struck || !newest?.lines.length) return []
    return [
      { number, by: play.by!, lines: newest.lines.map((line) => line.map((spot) => topAt(heaps, spot)!).join(' + ')) },
    ]
  }),
)
</script>

<template>
  <ul class="space-y-2">
    <li v-for="(seat, i) in seats" :key="i">
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seat.pennant" size="1.3rem" /> {{ seat.name }} <b class="figures">{{ state.scores[i] }}</b>
      </p>
      <p class="figures flex flex-wrap gap-x-4">
        <span v-for="line in scored.filter(({ by }) => by === i + 1)" :key="line.number">{{
          line.lines.join(' · ')
        }}</span>
      </p>
    </li>
  </ul>
</template>
