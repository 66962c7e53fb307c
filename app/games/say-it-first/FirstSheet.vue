<script setup lang="ts">
import { leftIn, type FirstRules, type FirstState } from '#core/games/say-it-first/rules'
import type { Seat } from '#shared/api'

/** Everybody's card and pile, the pot between them, and what is left of the pack. */
const {
  rules,
  state,
  seats,
  cards = undefined,
  winner = null,
} = defineProps<{
  rules: FirstRules
  state: FirstState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** The cards that are being entered; the newest round's where left out. */
  cards?: readonly number[]
  winner?: number | null
}>()
const lie = computed(() => (cards?.length ? cards : (state.newest?.cards ?? [])))
const taker = computed(() => (cards?.length ? winner : (state.newest?.winner ?? null)))
const stale = computed(() => !cards?.length && state.newest !== null)
/** A pile grows with its cards, a little each. */
const layers = (count: number) => Math.min(12, Math.ceil(count / 2))
</script>

<template>
  <div class="first">
    <ul class="players">
      <li v-for="(seat, i) in seats" :key="i" class="player" :class="{ takes: taker === i + 1 }">
        <p class="name">
          <Pennant :number="seat.pennant" size="1.5rem" /> <b class="truncate">{{ seat.name }}</b>
        </p>
        <PlayingCard v-if="lie[i] !== undefined" :value="lie[i]!" size="5rem" :raised="!stale" :dim="stale" />
        <span v-else class="bare" />
        <!-- Alone one turns two. -->
        <PlayingCard
          v-if="seats.length === 1 && lie[1] !== undefined"
          :value="lie[1]"
          size="5rem"
          :raised="!stale"
          :dim="stale"
        />
        <p class="pile">
          <span class="stack" aria-hidden="true"><span v-for="n in layers(state.kept[i]!)" :key="n" /></span>
          <b class="figures">{{ state.kept[i] }}</b> kept
        </p>
      </li>
    </ul>
    <p class="middle">
      <span v-if="rules.unclaimed === 'pot' || state.pot.length" class="pot" :class="{ full: state.pot.length }">
        <UIcon name="i-lucide-cooking-pot" class="size-6" /> Pot <b class="figures">{{ state.pot.length }}</b>
      </span>
      <span class="figures text-(--ink-soft)">{{ leftIn(rules, state) }} left in the pack</span>
      <span v-if="rules.rounds !== 'pack'" class="text-(--ink-soft)"
        >round <span class="figures">{{ Math.min(state.played + 1, rules.rounds) }} of {{ rules.rounds }}</span></span
      >
    </p>
  </div>
</template>

<style scoped>
.first {
  display: grid;
  gap: 0.8rem;
}
.players {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8rem, 1fr));
  gap: 0.8rem;
}
.player {
  display: grid;
  justify-items: center;
  gap: 0.4rem;
  padding: 0.5rem;
  border: 2px solid var(--rule);
  border-radius: 0.7rem;
}
.takes {
  border-color: var(--accent);
  background: var(--accent-soft);
}
.name {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  max-width: 100%;
  font-size: 1.1rem;
}
.bare {
  width: 5rem;
  height: 6.66rem;
  border: 2px dashed var(--ui-border-accented);
  border-radius: 0.6rem;
}
.pile {
  display: flex;
  align-items: flex-end;
  gap: 0.4rem;
  min-height: 2rem;
}
.pile b {
  font-size: 1.5rem;
  line-height: 1;
}
.stack span {
  display: block;
  width: 2.2rem;
  height: 3px;
  margin-top: 1px;
  background: #2f6f7c;
  border-radius: 1px;
}
.middle {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 1.4rem;
  justify-content: center;
}
.pot {
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  padding: 0.2rem 0.9rem;
  border: 2px dashed var(--ui-border-accented);
  border-radius: 2rem;
  font-size: 1.1rem;
}
.pot.full {
  border: 2px solid var(--accent);
  background: var(--accent-soft);
}
.pot b {
  font-size: 1.5rem;
}
</style>
