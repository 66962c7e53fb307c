<script setup lang="ts">
import { scoresOf, type OwnState } from '#core/games/own-game/state'
import type { OwnRules } from '#core/games/own-game/houseRules'
import OwnTrack from '~/games/own-game/OwnTrack.vue'

/** What an own game looks like: the newest throw, everybody's towers (or the track), the pot and what waits for the round. */
const {
  rules,
  state,
  seats,
  turn = null,
  numbers = [],
  secret = false,
} = defineProps<{
  rules: OwnRules
  state: OwnState
  seats: readonly { readonly name: string; readonly pennant: number }[]
  turn?: number | null
  /** What is being entered; the newest throw is shown where nothing is. */
  numbers?: readonly number[]
  /** Nothing may tell what the newest throw comes to. */
  secret?: boolean
}>()
const scores = computed(() => scoresOf(rules, state))
const least = computed(() => Math.min(0, rules.start, ...scores.value))
const most = computed(() => Math.max(1, rules.goal ?? 0, rules.start, ...scores.value))
const height = (score: number) => (100 * (score - least.value)) / Math.max(1, most.value - least.value)
const shown = computed(() => (numbers.length ? numbers : (state.newest?.numbers ?? [])))
const hidden = (seat: number) => secret && state.newest?.by === seat
</script>

<template>
  <div class="space-y-3">
    <div class="flex flex-wrap items-center gap-3 min-h-12">
      <span v-if="shown.length" class="flex flex-wrap items-center gap-1.5" role="group" aria-label="The throw">
        <template v-for="(number, i) in shown" :key="i">
          <Die v-if="rules.brings.kind === 'dice'" :face="number" :sides="rules.brings.sides[i] ?? 6" size="2.8rem" />
          <PlayingCard v-else :value="number" size="2.8rem" />
        </template>
      </span>
      <p v-if="rules.throws === 'choice'" class="pot">
        pot <b class="figures text-2xl">{{ secret ? '?' : minus(state.pot) }}</b>
      </p>
    </div>
    <OwnTrack v-if="rules.track" :rules="rules" :state="state" :seats="seats" />
    <ul
      v-if="rules.counts === 'points' || state.misses.some(Boolean)"
      class="towers"
      :style="{ '--seats': seats.length }"
    >
      <li v-for="(seat, i) in seats" :key="i" class="tower" :class="{ on: turn === i + 1 }">
        <span class="flex items-center gap-1.5 min-w-0"
          ><Pennant :number="seat.pennant" size="1.4rem" />
          <b class="min-w-0 leading-tight wrap-anywhere">{{ seat.name }}</b></span
        >
        <span class="line"><span class="fill" :style="{ width: `${hidden(i + 1) ? 0 : height(scores[i]!)}%` }" /></span>
        <b class="figures sum">{{
          hidden(i + 1) ? '?' : minus(rules.counts === 'place' ? state.places[i]! : state.points[i]!)
        }}</b>
        <span v-if="state.waiting[i] !== null && !hidden(i + 1)" class="waits figures"
          >{{ minus(state.waiting[i]!) }} this round</span
        >
        <span v-if="state.misses[i]" class="waits">misses a turn</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.pot {
  padding: 0.2rem 0.8rem;
  border: 2px dashed var(--call);
  border-radius: 0.6rem;
}
.towers {
  display: grid;
  gap: 0.35rem;
}
.tower {
  display: grid;
  grid-template-columns: minmax(6rem, 10rem) minmax(4rem, 1fr) auto auto;
  align-items: center;
  gap: 0.7rem;
  padding: 0.25rem 0.6rem;
  border-radius: 0.6rem;
}
.on {
  background: var(--accent-soft);
}
.line {
  height: 1.1rem;
  border-radius: 0.55rem;
  background: var(--sunken);
  overflow: hidden;
}
.fill {
  display: block;
  height: 100%;
  background: var(--accent);
}
.sum {
  min-width: 3ch;
  font-size: 1.9rem;
  line-height: 1;
  text-align: right;
}
.waits {
  color: var(--ink-soft);
  font-weight: 600;
}
/* For the room: read from three metres. */
html.board .tower {
  padding-inline: 0.2rem;
  grid-template-columns: minmax(6rem, 15rem) minmax(4rem, 1fr) auto auto;
  font-size: 1.65rem;
}
</style>
