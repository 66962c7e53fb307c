<script setup lang="ts">
import type { Board } from '#shared/api'

/** Everyone's standing as bars; whose turn it is, unmistakably. The leader's bar is the longest, also where fewest is best. */
const { board } = defineProps<{ board: Board }>()

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
</script>

<template>
  <ul class="all" :style="{ '--seats': board.seats.length }" aria-label="Standing">
    <li
      v-for="(seat, i) in board.seats"
      :key="i"
      class="row"
      :class="{ turn: board.turn.includes(i + 1), won: won(i + 1) }"
      :aria-current="board.turn.includes(i + 1) || undefined"
    >
      <Pennant :number="seat.pennant" size="min(2.6rem, calc(30dvh / var(--seats)))" />
      <span class="min-w-0 flex-1">
        <span class="flex items-center gap-2">
          <b class="truncate display name">{{ seat.name }}</b>
          <b v-if="seat.member" class="truncate display name text-(--accent)">{{ seat.member }}</b>
          <span v-if="board.turn.includes(i + 1)" class="flag">turn</span>
          <UIcon v-if="won(i + 1)" name="i-lucide-award" class="size-7 text-(--stands)" aria-label="won" />
        </span>
        <span class="track"
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
  grid-template-rows: repeat(var(--seats), minmax(0, 9rem));
  gap: 0.5rem;
}
.row {
  display: flex;
  align-items: center;
  gap: 0.8rem;
  min-height: 0;
  padding: 0.2rem 0.9rem;
  border: 2px solid var(--rule);
  border-radius: 0.75rem;
  background: var(--sheet);
}
.turn {
  border: 5px solid var(--accent);
  background: var(--accent-soft);
}
.won {
  border: 5px solid var(--stands);
}
.name {
  font-size: 1.6rem;
  line-height: 1.2;
}
.flag {
  padding: 0 0.7rem;
  background: var(--accent);
  color: var(--on-accent);
  font: 700 1rem/1.5rem var(--font-display);
  border-radius: 0 0.8rem 0.8rem 0;
}
.track {
  display: block;
  height: 0.9rem;
  border-radius: 0.45rem;
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
  font-size: 2.8rem;
  line-height: 1;
  min-width: 2ch;
  text-align: right;
}
</style>
