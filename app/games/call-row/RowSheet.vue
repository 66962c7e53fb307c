<script setup lang="ts">
import type { RowRules, RowState } from '#core/games/call-row/rules'
import type { Seat } from '#shared/api'

/** The row as it lies, the newest card last; and the steps, with everybody's climber on them. */
const {
  rules,
  state,
  seats,
  chosen = [],
  touchable = false,
} = defineProps<{
  rules: RowRules
  state: RowState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** The places whose cards are being called. */
  chosen?: readonly boolean[]
  touchable?: boolean
}>()
const emit = defineEmits<{ pick: [card: number, isIn: boolean] }>()
const top = computed(() => Math.max(rules.steps, ...state.steps))
/** Long stairs are drawn by every step still, but lower ones. */
const rise = computed(() => Math.min(1, 9 / top.value))
</script>

<template>
  <div class="sheet-of-row">
    <ol class="row" aria-label="The row">
      <li v-for="(card, i) in state.row" :key="i">
        <component
          :is="touchable ? 'button' : 'span'"
          class="card"
          :class="{ in: chosen[i] }"
          :type="touchable ? 'button' : undefined"
          :aria-pressed="touchable ? (chosen[i] ?? false) : undefined"
          :aria-label="touchable ? `Card ${card} of the row, place ${i + 1}` : undefined"
          @mousedown.prevent
          @click="touchable && emit('pick', card, chosen[i] ?? false)"
          ><PlayingCard :value="card" size="4rem" :raised="chosen[i] || i === state.row.length - 1"
        /></component>
      </li>
      <li v-if="!state.row.length" class="bare">the first card comes here</li>
    </ol>
    <div class="stairs" :style="{ '--rise': `${rise}rem` }">
      <ul v-for="(seat, i) in seats" :key="i" class="flight">
        <li
          v-for="n in top"
          :key="n"
          class="step"
          :class="{ climbed: n <= state.steps[i]!, top: n === rules.steps }"
          :style="{ height: `calc(var(--rise) * var(--low, 1) * ${n})` }"
        >
          <Pennant v-if="n === state.steps[i]" :number="seat.pennant" size="1.5rem" class="climber" :data-piece="i" />
        </li>
        <li class="who">
          <Pennant :number="seat.pennant" size="1.2rem" /> <b class="truncate">{{ seat.name }}</b>
          <b class="figures">{{ state.steps[i] }}</b>
          <span v-if="state.sitting.includes(i + 1)" class="text-sm">sits out</span>
        </li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
.sheet-of-row {
  display: grid;
  gap: 1rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  min-height: 6rem;
}
.card {
  display: block;
  padding: 0.2rem;
  border-radius: 0.6rem;
  border: 3px solid transparent;
}
button.card {
  cursor: pointer;
  touch-action: manipulation;
}
.in {
  border-color: var(--accent);
  background: var(--accent-soft);
  transform: translateY(-0.4rem);
}
.bare {
  display: grid;
  place-items: center;
  padding: 1rem 1.4rem;
  border: 2px dashed var(--ui-border-accented);
  border-radius: 0.7rem;
  color: var(--ink-soft);
}
.stairs {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
  gap: 0.6rem 1.4rem;
}
.flight {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
}
.step {
  flex: 1 1 0;
  min-width: 0;
  position: relative;
  background: var(--sunken);
  border-top: 2px solid var(--ui-border-accented);
  border-right: 1px solid var(--sheet);
}
.climbed {
  background: var(--accent);
  border-top-color: var(--accent);
}
.step.top {
  border-top: 4px double var(--accent);
}
.climber {
  position: absolute;
  left: 50%;
  bottom: 100%;
  transform: translateX(-30%);
}
.who {
  flex-basis: 100%;
  display: flex;
  gap: 0.4rem;
  align-items: center;
  padding-top: 0.2rem;
}
.flight {
  padding-top: 1.7rem;
}
/* On a phone the row needs the room: the stairs are low there. */
@media (max-width: 40rem) {
  .stairs {
    --low: 0.3;
    grid-template-columns: repeat(auto-fit, minmax(6rem, 1fr));
    gap: 0.2rem 0.8rem;
  }
  .who {
    font-size: 0.85rem;
  }
}
</style>
