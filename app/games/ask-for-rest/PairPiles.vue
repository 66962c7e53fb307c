<script setup lang="ts">
import type { Seat } from '#shared/api'

/** Everybody's pairs in piles that grow side by side: the taller wins without counting. Hands show their size only. */
const {
  piles,
  hands,
  stock,
  seats,
  turn,
  known = [],
} = defineProps<{
  piles: readonly (readonly (readonly [number, number])[])[]
  /** How many cards each holds. */
  hands: readonly number[]
  stock: number
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  turn: number
  /** Cards that the referee may see, by seat; left out on the board. */
  known?: readonly (readonly number[])[]
}>()
</script>

<template>
  <div class="flex flex-wrap sm:flex-nowrap gap-2 sm:gap-4 items-end">
    <ul class="flex gap-1 sm:gap-4 flex-1 basis-full sm:basis-auto items-end">
      <li v-for="(pile, i) in piles" :key="i" class="seat" :class="{ turn: turn === i + 1 }">
        <ol class="pile" :aria-label="`Pairs of ${seats[i]!.name}: ${pile.length}`">
          <li v-for="([a, b], n) in pile" :key="n" class="pair figures">{{ a }}<span class="plus">+</span>{{ b }}</li>
        </ol>
        <p class="flex items-center gap-1.5 font-semibold">
          <Pennant :number="seats[i]!.pennant" size="1.2rem" />
          <span class="min-w-0 leading-tight wrap-anywhere">{{ seats[i]!.name }}</span>
        </p>
        <p class="hand" role="img" :aria-label="`${hands[i]} cards in hand`">
          <PlayingCard
            v-for="n in Math.min(hands[i]!, 8)"
            :key="n"
            :value="known[i]?.[n - 1] ?? null"
            size="1.5rem"
            class="fan"
          />
          <span v-if="hands[i]! > 8" class="figures">×{{ hands[i] }}</span>
          <span v-if="hands[i] === 0" class="text-sm text-(--ink-soft)">no cards</span>
        </p>
      </li>
    </ul>
    <div class="text-center shrink-0 flex sm:block items-center gap-3 ml-auto">
      <PlayingCard :value="null" size="2.6rem" :dim="stock === 0" />
      <p class="text-sm">
        stock <b class="figures">{{ stock }}</b>
      </p>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.seat {
  flex: 1 1 0;
  min-width: 0;
  padding: 0.4rem;
  border-radius: 0.5rem;
}
.seat.turn {
  background: var(--accent-soft);
}
.pile {
  display: flex;
  flex-direction: column-reverse;
  gap: 2px;
  min-height: 4rem;
  justify-content: flex-start;
  margin-bottom: 0.3rem;
}
.pair {
  align-self: stretch;
  max-width: 9rem;
  text-align: center;
  font-weight: 700;
  font-size: 0.95rem;
  line-height: 1.35rem;
  background: var(--die);
  color: #1c2430;
  border: 1.5px solid #1c2430;
  border-radius: 0.25rem;
}
.plus {
  padding: 0 0.3rem;
  font-weight: 400;
}
.hand {
  display: flex;
  flex-wrap: wrap;
  min-height: 2.1rem;
  align-items: center;
}
.fan + .fan {
  margin-left: -0.35rem;
}
@media (max-width: 39.99rem) {
  .fan + .fan {
    margin-left: -1rem;
  }
}
/* For the room: read from three metres. */
html.board .text-sm {
  font-size: 1.1rem;
}
</style>
