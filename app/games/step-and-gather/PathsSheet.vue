<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import type { StepRules, StepState } from '#core/games/step-and-gather/rules'
import CubeTower from '~/games/step-and-gather/CubeTower.vue'
import type { Seat } from '#shared/api'

/** Everyone's own path with its numbers, the piece on it, and the cubes in towers of ten beside it. */
const {
  rules,
  state,
  seats,
  coming = null,
  pick = null,
  landed = null,
  secret = false,
} = defineProps<{
  rules: StepRules
  state: StepState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** Where a roll that is being entered leads, and whose. */
  coming?: { readonly by: number; readonly to: number } | null
  /** Whose spaces can be touched. */
  pick?: number | null
  /** The space on which the piece is said to stand. */
  landed?: number | null
  secret?: boolean
}>()
const emit = defineEmits<{ land: [space: number] }>()

const onWay = (seat: number, space: number) => {
  const { newest } = state
  if (coming) return coming.by === seat && space > ofSeat(state.places, seat) && space <= coming.to
  return newest?.by === seat && space > newest.from && space <= newest.to
}
const hides = (seat: number) => secret && state.newest?.by === seat
const isShown = useSeatShown()
</script>

<template>
  <div class="paths" :class="{ few: seats.length < 3 }">
    <section
      v-for="(seat, i) in seats"
      v-show="isShown(i + 1)"
      :key="i"
      class="player"
      :aria-label="`Path of ${seat.name}`"
    >
      <div class="way">
        <span class="space start" :class="{ here: state.places[i] === 0 }">
          <Pennant v-if="state.places[i] === 0" :number="seat.pennant" size="1.15rem" :data-piece="i" /><span
            v-else
            class="sr-only"
            >start</span
          >
        </span>
        <component
          :is="pick === i + 1 ? 'button' : 'span'"
          v-for="(cubes, s) in rules.path"
          :key="s"
          class="space"
          :class="{
            here: state.places[i] === s + 1,
            way: onWay(i + 1, s + 1),
            to: coming?.by === i + 1 && coming.to === s + 1,
            home: s + 1 === rules.path.length,
            wrong: pick === i + 1 && landed === s + 1,
          }"
          :aria-label="pick === i + 1 ? `The piece stands on space ${s + 1}` : undefined"
          :aria-pressed="pick === i + 1 ? landed === s + 1 : undefined"
          @mousedown.prevent
          @click="pick === i + 1 && emit('land', s + 1)"
        >
          <Pennant v-if="state.places[i] === s + 1" :number="seat.pennant" size="1rem" class="piece" :data-piece="i" />
          <span class="figures">{{ cubes }}</span>
        </component>
      </div>
      <div class="gathered">
        <CubeTower v-if="!hides(i + 1)" :cubes="state.cubes[i]!" :label="`${seat.name}: `" />
        <b class="figures sum">{{ hides(i + 1) ? '?' : state.cubes[i] }}</b>
      </div>
    </section>
  </div>
</template>

<style scoped>
.paths {
  display: grid;
  gap: 0.9rem;
}
.player {
  display: grid;
  grid-template-columns: 1fr minmax(7rem, auto);
  align-items: center;
  gap: 0.4rem 1rem;
  padding-bottom: 0.5rem;
  border-bottom: 1px solid var(--rule);
}
.player:last-child {
  border-bottom: 0;
}
.way {
  display: flex;
  flex-wrap: wrap;
  gap: 0.55rem 0.2rem;
  padding-top: 0.5rem;
}
.space {
  position: relative;
  display: grid;
  place-items: center;
  width: 2.35rem;
  height: 2.35rem;
  border: 2px solid var(--ui-border-accented);
  border-radius: 50%;
  background: var(--paper);
  font-size: 1.15rem;
  font-weight: 700;
}
.start {
  border-style: dotted;
}
.way.space {
  background: var(--call-soft);
}
.to {
  border: 3px dashed var(--accent);
}
.home {
  border-width: 4px;
  border-radius: 0.4rem;
}
.here {
  border-color: var(--ink);
  background: var(--accent-soft);
}
.wrong {
  outline: 4px solid var(--refused);
}
.piece {
  position: absolute;
  top: -0.65rem;
  left: 0.6rem;
}
button.space {
  cursor: pointer;
  touch-action: manipulation;
}
.gathered {
  display: flex;
  align-items: flex-end;
  justify-content: flex-end;
  gap: 0.6rem;
}
.sum {
  font-size: 2.1rem;
  line-height: 1;
  min-width: 2.8rem;
  text-align: right;
}
@media (max-width: 48rem) {
  .player {
    grid-template-columns: 1fr auto;
  }
  .way {
    grid-column: 1 / -1;
  }
  .gathered {
    grid-column: 1 / -1;
    justify-content: flex-start;
  }
}
</style>
