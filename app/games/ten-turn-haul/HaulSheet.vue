<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import type { HaulRules, HaulState } from '#core/games/ten-turn-haul/rules'
import { tensAndOnes } from '#core/contract/working'
import type { Seat } from '#shared/api'

/** The sheet: a strip of boxes a player, what was spun in each, and the running total as rods of ten and ones. */
const {
  rules,
  state,
  seats,
  turn = null,
  coming = null,
  secret = false,
} = defineProps<{
  rules: HaulRules
  state: HaulState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** Whose box is open. */
  turn?: number | null
  /** What was spun and is not recorded yet. */
  coming?: number | null
  /** Nothing may tell what the newest spin comes to. */
  secret?: boolean
}>()
const boxes = computed(() => Math.max(rules.turns, ...state.spins.map((spun) => spun.length)))
const newest = computed(() => {
  const most = Math.max(...state.spins.map((spun) => spun.length))
  return most === 0 ? null : most
})
/** The box that the next spin goes into; boxes come in fives, so that they are counted at a glance. */
const isOpen = (seat: number, box: number) => turn === seat && box === ofSeat(state.spins, seat).length + 1
const hidden = (seat: number) => secret && ofSeat(state.spins, seat).length === newest.value
</script>

<template>
  <div class="haul">
    <div v-for="(seat, i) in seats" :key="i" class="row" :class="{ on: turn === i + 1 }">
      <span class="who"
        ><Pennant :number="seat.pennant" size="1.6rem" /> <b>{{ seat.name }}</b></span
      >
      <ol class="boxes" :aria-label="`Spins of ${seat.name}`">
        <li v-for="five in Math.ceil(boxes / 5)" :key="five" class="five">
          <span
            v-for="box in Math.min(5, boxes - 5 * (five - 1))"
            :key="box"
            class="box figures"
            :class="{ open: isOpen(i + 1, 5 * (five - 1) + box), extra: 5 * (five - 1) + box > rules.turns }"
            >{{
              state.spins[i]![5 * (five - 1) + box - 1] ?? (isOpen(i + 1, 5 * (five - 1) + box) ? (coming ?? '') : '')
            }}</span
          >
        </li>
      </ol>
      <span class="total">
        <template v-if="!hidden(i + 1)">
          <TensAndOnes :value="state.totals[i]!" class="rods" />
          <span class="figures split"
            >{{ tensAndOnes(state.totals[i]!).tens }} + {{ tensAndOnes(state.totals[i]!).ones }}</span
          >
        </template>
        <b class="figures sum">{{ hidden(i + 1) ? '?' : state.totals[i] }}</b>
      </span>
    </div>
  </div>
</template>

<style scoped>
.haul {
  display: grid;
  grid-template-columns: minmax(7rem, max-content) 1fr auto;
  gap: 0.8rem 0;
  align-content: space-between;
}
.row {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: subgrid;
  align-items: center;
  gap: 0.5rem 0.9rem;
  padding: 0.4rem 0.6rem;
  border-radius: 0.6rem;
}
.on {
  background: var(--accent-soft);
}
.who {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  min-width: 0;
  font-size: 1.1rem;
  overflow-wrap: anywhere;
}
.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.7rem;
}
.five {
  display: flex;
  gap: 0.2rem;
}
.box {
  display: grid;
  place-items: center;
  min-width: 2.5rem;
  min-height: 2.6rem;
  padding: 0 0.2rem;
  font-size: 1.35rem;
  font-weight: 700;
  border: 2px solid var(--ui-border-accented);
  background: var(--paper);
}
.open {
  border: 3px dashed var(--accent);
}
.extra {
  border-style: dotted;
}
.total {
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 0.6rem;
}
.split {
  color: var(--ink-soft);
}
.sum {
  min-width: 3.2rem;
  font-size: 2.1rem;
  text-align: right;
  line-height: 1;
}
@media (max-width: 48rem) {
  .haul {
    grid-template-columns: 1fr auto;
  }
  .boxes {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .box {
    min-width: 1.75rem;
    min-height: 1.9rem;
    font-size: 1.05rem;
  }
}
/* For the room: read from three metres. */
html.board .row {
  padding-inline: 0.2rem;
}
html.board .split,
html.board .who {
  font-size: 1.25rem;
}
</style>
