<script setup lang="ts">
import type { ShownBoard } from '#shared/api'

/**
 * Everyone's standing with bars; whose turn it is, unmistakably. The leader's bar is the longest, also where fewest is best.
 * A row under a wide picture, a column beside a high one.
 */
const { board, column } = defineProps<{ board: ShownBoard; column: boolean }>()

const scores = computed(() => board.standing)
const most = computed(() => Math.max(1, board.goal ?? 0, ...scores.value))
const least = computed(() => Math.min(0, ...scores.value))
/** The length of a bar in hundredths: toward the goal; where fewest is best, the less there is the longer. */
function length(score: number): number {
  if (board.best === 'fewest') return (100 * (Math.min(...scores.value) + 1)) / (score + 1)
  if (board.best === 'nearest') return 100 / (1 + Math.abs((board.goal ?? 0) - score) / 4)
  return (100 * (score - least.value)) / Math.max(1, most.value - least.value)
}
const won = (seat: number) => board.result?.winners.includes(seat) ?? false
/** More than four in a line would be too narrow for their names. */
const across = computed(() => (board.seats.length > 4 ? Math.ceil(board.seats.length / 2) : board.seats.length))
</script>

<template>
  <ul
    class="all"
    :class="{ column }"
    :style="{ '--seats': board.seats.length, '--across': across }"
    aria-label="Standing"
  >
    <li
      v-for="(seat, i) in board.seats"
      :key="i"
      class="row"
      :class="{ turn: board.turn.includes(i + 1), won: won(i + 1) }"
      :aria-current="board.turn.includes(i + 1) || undefined"
    >
      <Pennant :number="seat.pennant" size="1.5rem" />
      <span class="who">
        <b class="display name">{{ seat.name }}</b>
        <span v-if="won(i + 1)" class="flag won"><UIcon name="i-lucide-award" class="size-6" /> won</span>
        <span v-else-if="board.turn.includes(i + 1)" class="flag">{{ seat.member ?? 'turn' }}</span>
        <span v-else class="track"
          ><span class="bar" :style="{ width: `${board.keepsScore ? 0 : length(board.standing[i]!)}%` }"
        /></span>
      </span>
      <b class="figures score" :data-score="i + 1">{{ board.keepsScore ? '?' : minus(board.standing[i]!) }}</b>
    </li>
  </ul>
</template>

<style scoped>
.all {
  display: grid;
  gap: 0.4rem;
  grid-template-columns: repeat(var(--across), minmax(0, 1fr));
}
.all.column {
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: repeat(var(--seats), minmax(0, 7rem));
}
.row {
  display: flex;
  align-items: center;
  gap: 0.35rem;
  min-height: 3rem;
  min-width: 0;
  padding: 0.1rem 0.45rem;
  border: 2px solid var(--rule);
  border-radius: 0.75rem;
  background: var(--sheet);
}
.turn {
  border: 4px solid var(--accent);
  background: var(--accent-soft);
}
.row.won {
  border: 4px solid var(--stands);
}
.flag.won {
  background: var(--stands);
}
.who {
  flex: 1;
  min-width: 0;
}
.name {
  display: block;
  font-size: 1.25rem;
  line-height: 1.15;
  letter-spacing: -0.035em;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.flag {
  display: inline-block;
  max-width: 100%;
  padding: 0 0.9rem 0 0.4rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  background: var(--accent);
  color: var(--on-accent);
  font: 700 1.25rem/1.35rem var(--font-display);
  border-radius: 0 0.9rem 0.9rem 0;
}
.track {
  display: block;
  height: 0.6rem;
  border-radius: 0.3rem;
  background: var(--sunken);
  overflow: hidden;
}
.bar {
  display: block;
  height: 100%;
  background: var(--accent);
  transition: width 400ms;
}
.score {
  font-size: 1.8rem;
  line-height: 1;
  min-width: 1ch;
  text-align: right;
}
@media (max-aspect-ratio: 1/1) {
  .all,
  .all.column {
    grid-template: none / repeat(2, minmax(0, 1fr));
  }
}
</style>
