<script setup lang="ts">
import { scoresOf } from '#core/games/own-game/state'
import type { OwnPicture } from '~/games/own-game/useOwnPlaces'

/** Everybody's score as a tower, all of one measure: from 0 up, or down where it is below; the goal is a line across. */
const { rules, state, seats, turn, secret } = defineProps<
  OwnPicture & {
    turn: number | null
    /** Nothing may tell what the newest throw comes to. */
    secret: boolean
  }
>()
const scores = computed(() => scoresOf(rules, state))
/** Only points are built up; of places it is told who misses a turn. */
const built = computed(() => rules.counts === 'points')
const ends = computed(() => [0, rules.start, ...(rules.goal === null ? [] : [rules.goal]), ...scores.value])
const least = computed(() => Math.min(...ends.value))
const most = computed(() => Math.max(1, ...ends.value))
/** How high a score lies, in hundredths of the tallest. */
const height = (score: number) => (100 * (score - least.value)) / (most.value - least.value)
const hidden = (seat: number) => secret && state.newest?.by === seat
function styleOf(score: number) {
  const [zero, top] = [height(0), height(score)]
  return { bottom: `${Math.min(zero, top)}%`, height: `${Math.abs(top - zero)}%` }
}
</script>

<template>
  <ul class="towers" :style="{ '--seats': seats.length }" aria-label="Towers">
    <li v-for="(seat, i) in seats" :key="i" class="tower" :class="{ on: turn === i + 1 }">
      <b class="figures sum">{{ hidden(i + 1) ? '?' : minus(scores[i]!) }}</b>
      <span v-if="built" class="shaft" aria-hidden="true">
        <span v-if="!hidden(i + 1)" class="fill" :class="{ below: scores[i]! < 0 }" :style="styleOf(scores[i]!)" />
        <span class="ground" :style="{ bottom: `${height(0)}%` }" />
        <span v-if="rules.goal !== null" class="goal" :style="{ bottom: `${height(rules.goal)}%` }" />
      </span>
      <span class="who"
        ><Pennant :number="seat.pennant" size="1.4rem" />
        <b class="min-w-0 leading-tight wrap-anywhere">{{ seat.name }}</b></span
      >
      <span v-if="state.waiting[i] !== null && !hidden(i + 1)" class="waits figures"
        >{{ minus(state.waiting[i]!) }} this round</span
      >
      <span v-if="state.misses[i]" class="waits">misses a turn</span>
    </li>
  </ul>
</template>

<style scoped>
.towers {
  display: grid;
  grid-template-columns: repeat(var(--seats), minmax(0, 1fr));
  gap: 0.4rem;
}
.tower {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 0.3rem;
  padding: 0.3rem 0.2rem;
  border-radius: 0.6rem;
}
.on {
  background: var(--accent-soft);
}
.shaft {
  position: relative;
  width: min(4.5rem, 80%);
  height: 7rem;
  border-radius: 0.3rem;
  background: var(--sunken);
}
.fill {
  position: absolute;
  inset-inline: 0;
  background: var(--accent);
  /* Storeys, so that it is counted and not only seen. */
  background-image: linear-gradient(var(--paper) 1px, transparent 1px);
  background-size: 100% 0.9rem;
  background-position: bottom;
  border-radius: 0.3rem 0.3rem 0 0;
}
.below {
  border-radius: 0 0 0.3rem 0.3rem;
  background-color: var(--call);
}
.ground,
.goal {
  position: absolute;
  inset-inline: -0.4rem;
  border-top: 2px solid var(--ink);
}
.goal {
  border-top: 3px dashed var(--call);
}
.sum {
  font-size: 1.9rem;
  line-height: 1;
}
.who {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 0.1rem 0.35rem;
  text-align: center;
}
.waits {
  color: var(--ink-soft);
  font-weight: 600;
  text-align: center;
}
@media (max-width: 40rem) {
  .shaft {
    height: 4.5rem;
  }
}
/* For the room: read from three metres. */
html.board .tower {
  font-size: 1.65rem;
}
html.board .shaft {
  width: 75%;
  height: 11rem;
}
html.board .sum {
  font-size: 2.6rem;
}
</style>
