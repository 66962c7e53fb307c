<script setup lang="ts">
import type { Board } from '~/composables/useBoard'

/** Everyone's standing as bars that grow toward the goal; whose turn it is, unmistakably. */
const { board } = defineProps<{ board: Board }>()

const most = computed(() => Math.max(1, board.goal ?? 0, ...board.standing))
const won = (seat: number) => board.result?.winners.includes(seat) ?? false
</script>

<template>
  <ul class="space-y-3" aria-label="Standing">
    <li v-for="(seat, i) in board.seats" :key="i" class="row" :class="{ turn: board.turn.includes(i + 1), won: won(i + 1) }" :aria-current="board.turn.includes(i + 1) || undefined">
      <Pennant :number="seat.pennant" size="clamp(2rem, 3.6vw, 3.4rem)" />
      <span class="min-w-0 flex-1">
        <span class="flex items-baseline gap-3">
          <b class="truncate display name">{{ seat.name }}</b>
          <span v-if="board.turn.includes(i + 1)" class="flag">turn</span>
          <UIcon v-if="won(i + 1)" name="i-lucide-award" class="size-8 text-(--stands)" aria-label="won" />
        </span>
        <span class="track"><span class="bar" :style="{ width: `${(100 * Math.max(0, board.standing[i]!)) / most}%` }" /></span>
      </span>
      <b class="figures score" :data-score="i + 1">{{ board.standing[i] }}</b>
    </li>
  </ul>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: 1rem;
  padding: 0.6rem 1rem;
  border: 2px solid var(--rule);
  border-radius: 0.75rem;
  background: var(--sheet);
}
.turn {
  border: 4px solid var(--accent);
  background: var(--accent-soft);
}
.won {
  border: 4px solid var(--stands);
}
.name {
  font-size: clamp(1.3rem, 2.4vw, 2.2rem);
}
.flag {
  padding: 0 0.8rem;
  background: var(--accent);
  color: var(--on-accent);
  font: 700 1.1rem/1.7rem var(--font-display);
  border-radius: 0 0.9rem 0.9rem 0;
}
.track {
  display: block;
  height: 1rem;
  border-radius: 0.5rem;
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
  font-size: clamp(2rem, 5vw, 4rem);
  line-height: 1;
  min-width: 2ch;
  text-align: right;
}
</style>
