<script setup lang="ts">
import { awaits, standing } from '#core/match'
import type { Tape } from '#core/tape'
import type { Seat } from '~/utils/matches'

/** Everyone's pennant and score, what they still need where there is a goal, and whose turn it is, unmistakably. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const scores = computed(() => standing(tape.table, tape.state))
/** Where everybody plays side by side it is nobody's turn. */
const waits = computed(() => (tape.table.game.about.turns ? (awaits(tape.table, tape.state)?.seats ?? []) : []))
const fewest = computed(() => tape.table.game.best === 'fewest')
const best = computed(() => (fewest.value ? Math.min(...scores.value) : Math.max(...scores.value)))
const goal = computed(() => tape.table.game.goal?.(tape.state.rules) ?? null)
const ahead = (seat: number) =>
  !tape.state.result && seats.length > 1 && scores.value.some((score) => score !== best.value) && scores.value[seat - 1] === best.value
const remark = (seat: number) => {
  if (goal.value === null || tape.state.result) return ahead(seat) ? 'ahead' : ''
  return `${Math.max(0, goal.value - scores.value[seat - 1]!)} to go`
}
</script>

<template>
  <ul class="flex gap-2 overflow-x-auto pt-3 pb-1 -mt-3" aria-label="Players">
    <li
      v-for="(player, i) in seats"
      :key="i"
      class="player sheet"
      :class="{ turn: waits.includes(i + 1) }"
      :aria-current="waits.includes(i + 1) || undefined"
    >
      <span v-if="waits.includes(i + 1)" class="flag">turn</span>
      <Pennant :number="player.pennant" size="1.9rem" class="pennant" />
      <span class="who min-w-0 flex-1">
        <span class="block truncate font-bold leading-tight">{{ player.name }}</span>
        <TensAndOnes :value="scores[i]!" class="max-sm:!hidden" />
      </span>
      <span class="points figures text-3xl font-bold leading-none" :data-score="i + 1">
        {{ scores[i] }}
        <span class="block h-4 text-xs font-sans font-semibold text-(--ink-soft) text-right whitespace-nowrap">{{ remark(i + 1) }}</span>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.player {
  position: relative;
  display: flex;
  align-items: center;
  gap: 0.6rem;
  flex: 1 1 0;
  min-width: 10rem;
  padding: 0.55rem 0.8rem;
}
/* On a phone the name has a line of its own, so that four players fit side by side. */
@media (max-width: 39.99rem) {
  .player {
    min-width: 4.9rem;
    flex-wrap: wrap;
    gap: 0.1rem 0.3rem;
    padding: 0.45rem 0.5rem 0.3rem;
  }
  .pennant {
    order: 1;
    width: 1.3rem !important;
  }
  .who {
    flex: 1 0 100%;
  }
  .points {
    order: 2;
    margin-left: auto;
  }
}
.player.turn {
  border: 3px solid var(--accent);
  background: var(--accent-soft);
}
.flag {
  position: absolute;
  top: -0.7rem;
  left: 0.8rem;
  padding: 0 0.6rem;
  background: var(--accent);
  color: var(--on-accent);
  font: 700 0.8rem/1.25rem var(--font-display);
  border-radius: 0 0.6rem 0.6rem 0;
}
</style>
