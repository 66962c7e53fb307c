<script setup lang="ts">
import { scoresOf } from '#core/games/own-game/state'
import type { OwnPicture } from '~/games/own-game/useOwnPlaces'

/** In the middle of a ring: what everybody has, and where they stand. */
const { rules, state, seats, turn, secret } = defineProps<
  OwnPicture & {
    turn: number | null
    /** Nothing may tell what the newest throw comes to. */
    secret: boolean
  }
>()
const scores = computed(() => scoresOf(rules, state))
const hidden = (seat: number) => secret && state.newest?.by === seat
const MOST_IN_ROW = 3
</script>

<template>
  <ul class="scores" :style="{ '--across': Math.min(seats.length, MOST_IN_ROW) }" aria-label="Scores">
    <li v-for="(seat, i) in seats" :key="i" class="score" :class="{ on: turn === i + 1 }">
      <span class="flex items-center gap-1.5 min-w-0"
        ><Pennant :number="seat.pennant" size="1.3rem" />
        <b class="min-w-0 leading-tight wrap-anywhere">{{ seat.name }}</b></span
      >
      <span
        ><b v-if="rules.counts === 'points'" class="figures sum">{{ hidden(i + 1) ? '?' : minus(scores[i]!) }}</b>
        {{ hidden(i + 1) ? '' : `on ${minus(state.places[i]!)}` }}{{ state.misses[i] ? ', misses a turn' : '' }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.scores {
  display: grid;
  grid-template-columns: repeat(var(--across), minmax(0, 1fr));
  gap: 0.3rem;
}
.score {
  display: grid;
  justify-items: center;
  padding: 0.1rem 0.3rem;
  border-radius: 0.5rem;
  line-height: 1.2;
}
.on {
  background: var(--accent-soft);
}
.sum {
  font-size: 1.5rem;
}
html.board .score {
  font-size: 1.65rem;
}
html.board .sum {
  font-size: 2.2rem;
}
</style>
