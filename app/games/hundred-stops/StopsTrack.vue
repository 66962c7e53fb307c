<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { isStop, isThere, type StopsRules, type StopsState } from '#core/games/hundred-stops/rules'
import type { Seat } from '#shared/api'

/** The track by tens or ones, ten squares a row; stops with their tokens, pieces, and the way of a journey. */
const {
  rules,
  state,
  seats,
  way = [],
  reach = [],
} = defineProps<{
  rules: StopsRules
  state: StopsState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** Places touched by the journey that is shown, the first one being where it began. */
  way?: readonly number[]
  /** Places that may be touched to go on. */
  reach?: readonly number[]
}>()
const emit = defineEmits<{ pick: [place: number] }>()

const squares = computed(() =>
  Array.from({ length: (rules.end - rules.start) / rules.unit + 1 }, (_, i) => rules.start + rules.unit * i),
)
const onWay = computed(() => new Set(way))
const tokensAt = (stop: number) =>
  rules.tokens === 'first-come'
    ? isThere(rules, state, 1, stop)
      ? [0]
      : []
    : seats.flatMap((_, i) => (isThere(rules, state, i + 1, stop) ? [i + 1] : []))
const piecesAt = (at: number) => seats.flatMap((_, i) => (state.places[i] === at ? [i + 1] : []))
const says = (at: number) => {
  const here = piecesAt(at).map((seat) => ofSeat(seats, seat).name)
  return [String(at), ...(isStop(rules, at) ? [`${tokensAt(at).length} tokens`] : []), ...here].join(', ')
}
</script>

<template>
  <ol class="track" aria-label="Track">
    <li
      v-for="at in squares"
      :key="at"
      :class="{ stop: isStop(rules, at), way: onWay.has(at), from: way[0] === at, home: at === rules.end }"
    >
      <component
        :is="reach.includes(at) ? 'button' : 'div'"
        class="square"
        :class="{ reach: reach.includes(at) }"
        :aria-label="reach.includes(at) ? `Go to ${says(at)}` : undefined"
        @click="reach.includes(at) && emit('pick', at)"
      >
        <span class="figures number" :class="{ major: isStop(rules, at) || at === rules.start, long: at > 999 }">{{
          at
        }}</span>
        <span v-if="isStop(rules, at)" class="tokens">
          <i v-for="seat in tokensAt(at)" :key="seat" class="token" :data-seat="seat" />
        </span>
        <span v-if="piecesAt(at).length" class="pieces"
          ><Pennant
            v-for="seat in piecesAt(at)"
            :key="seat"
            :number="ofSeat(seats, seat).pennant"
            size="1.15rem"
            :data-piece="seat"
        /></span>
      </component>
    </li>
  </ol>
</template>

<style scoped>
.track {
  display: grid;
  grid-template-columns: repeat(20, minmax(0, 1fr));
  gap: 3px;
  /* Numbers are as large as their squares allow, however the track is scaled. */
  container-type: inline-size;
}
.square {
  position: relative;
  width: 100%;
  height: 3rem;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: flex-end;
  border: 1px solid var(--rule);
  border-radius: 0.3rem;
  background: var(--paper);
}
.stop .square {
  background: var(--accent-soft);
  border: 2px solid var(--accent);
}
.home .square {
  border-width: 4px;
}
.way .square {
  background: var(--call-soft);
}
.from .square {
  border-style: dashed;
  border-color: var(--ink);
}
.reach {
  cursor: pointer;
  border: 2px solid var(--ink) !important;
}
.number {
  font-size: 1.6cqw;
  letter-spacing: -0.06em;
  color: var(--ink-soft);
  line-height: 1.2;
}
.major {
  font-size: 1.75cqw;
  font-weight: 800;
  color: var(--ink);
}
.long.major {
  letter-spacing: -0.09em;
}
.tokens {
  position: absolute;
  top: 2px;
  left: 2px;
  right: 2px;
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 2px;
}
.token {
  width: 0.6rem;
  height: 0.6rem;
  border: 1.5px solid var(--ink);
  border-radius: 50%;
  background: var(--call);
}
.token[data-seat='2'] {
  border-radius: 0;
}
.token[data-seat='3'] {
  transform: rotate(45deg);
  border-radius: 0;
}
.token[data-seat='4'] {
  border-radius: 50% 50% 0 0;
}
.pieces {
  position: absolute;
  inset-inline: 0;
  bottom: 0.95rem;
  display: flex;
  justify-content: center;
}
.pieces > * + * {
  margin-left: -0.8rem;
}
@media (max-width: 60rem) {
  .track {
    grid-template-columns: repeat(10, minmax(0, 1fr));
  }
  .square {
    height: 2.35rem;
  }
  .number,
  .major {
    font-size: min(3.6cqw, 1.25rem);
  }
}
/* For the room: read from three metres. */
html.board .track {
  container-type: inline-size;
  grid-template-columns: repeat(20, minmax(0, 1fr));
}
html.board .square {
  height: 4.4rem;
}
html.board .number:not(.major) {
  display: none;
}
html.board .major {
  font-size: 2.08cqw;
}
html.board .pieces {
  bottom: 1.4rem;
}
html.board .pieces > :deep(svg) {
  width: 2.2rem;
  height: 2.2rem;
}
html.board .token {
  width: 0.75rem;
  height: 0.75rem;
}
</style>
