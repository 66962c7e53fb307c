<script setup lang="ts">
import { PLACES, type StrikeRules, type StrikeState } from '#core/games/place-strike/rules'
import type { Seat } from '#shared/api'

/** Everybody's numbers in columns by place; struck digits are struck through. The numbers of whoever is on turn can be touched. */
const {
  rules,
  state,
  seats,
  turn = null,
  place = null,
  found = [],
  touchable = false,
} = defineProps<{
  rules: Pick<StrikeRules, 'digits' | 'numbers'>
  state: Pick<StrikeState, 'boards' | 'struck' | 'newest'>
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  turn?: number | null
  /** The place that was rolled: its column is set apart. */
  place?: number | null
  /** Numbers of the one on turn that match, lit up. */
  found?: readonly number[]
  touchable?: boolean
}>()
const emit = defineEmits<{ pick: [number: number] }>()
const SHORT = ['O', 'T', 'H', 'Th', 'TTh', 'HTh']
/** From the left. */
const places = computed(() => Array.from({ length: rules.digits }, (_, i) => rules.digits - i))
const isNewest = (seat: number, number: number, at: number) =>
  state.newest?.by === seat && state.newest.number === number && state.newest.place === at
const isShown = useSeatShown()
</script>

<template>
  <ul class="sheets">
    <li
      v-for="(seat, i) in seats"
      v-show="isShown(i + 1)"
      :key="i"
      class="mine"
      :class="{ on: turn === i + 1, off: turn !== null && turn !== i + 1 }"
    >
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seat.pennant" size="1.3rem" /> <span class="truncate">{{ seat.name }}</span>
      </p>
      <div class="row head" aria-hidden="true">
        <span />
        <span
          v-for="at in places"
          :key="at"
          class="cell"
          :class="{ rolled: turn === i + 1 && at === place, gap: at % 3 === 0 && at !== rules.digits }"
          :title="PLACES[at - 1]"
          >{{ SHORT[at - 1] }}</span
        >
      </div>
      <component
        :is="touchable && turn === i + 1 ? 'button' : 'div'"
        v-for="(number, n) in state.boards[i]"
        :key="n"
        class="row figures"
        :class="{ found: turn === i + 1 && found.includes(n + 1) }"
        :type="touchable && turn === i + 1 ? 'button' : undefined"
        :aria-label="touchable && turn === i + 1 ? `Number ${n + 1}: ${number}` : undefined"
        @mousedown.prevent
        @click="touchable && turn === i + 1 && emit('pick', n + 1)"
      >
        <span class="n">{{ n + 1 }}</span>
        <span
          v-for="at in places"
          :key="at"
          class="cell"
          :class="{
            rolled: turn === i + 1 && at === place,
            struck: state.struck[i]![n]!.includes(at),
            newest: isNewest(i + 1, n + 1, at),
            gap: at % 3 === 0 && at !== rules.digits,
          }"
          >{{ number[rules.digits - at] }}</span
        >
      </component>
    </li>
  </ul>
</template>

<style scoped>
.sheets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 13rem), 1fr));
  gap: 0.7rem;
}
.mine {
  padding: 0.5rem 0.4rem;
  border: 2px solid var(--rule);
  border-radius: 0.6rem;
  min-width: 0;
}
.on {
  border-color: var(--accent);
}
.row {
  display: flex;
  align-items: center;
  width: max-content;
  min-height: 2.2rem;
  border-radius: 0.4rem;
  border: 2px solid transparent;
}
button.row {
  min-height: 2.75rem;
  cursor: pointer;
  touch-action: manipulation;
  border-color: var(--rule);
  margin-bottom: 0.15rem;
}
.head {
  min-height: 1.3rem;
  font-size: 1rem;
  letter-spacing: -0.08em;
  font-weight: 600;
}
.row > :first-child {
  width: 1.4rem;
  font-size: 1rem;
  color: var(--ink-soft);
  text-align: center;
}
.cell {
  width: 1.6rem;
  text-align: center;
}
.row:not(.head) .cell {
  font-size: 1.5rem;
  line-height: 2rem;
}
/* Thousands are read apart from hundreds. */
.gap {
  margin-left: 0.5rem;
}
.rolled {
  background: var(--accent-soft);
}
.struck {
  color: var(--ink-soft);
  position: relative;
}
.struck::after {
  content: '';
  position: absolute;
  left: 0.1rem;
  right: 0.1rem;
  top: 50%;
  border-top: 4px solid var(--refused);
  transform: rotate(-24deg);
}
.newest.struck::after {
  animation: strike 320ms ease-out;
}
@keyframes strike {
  from {
    clip-path: inset(-1rem 100% -1rem 0);
  }
}
.newest {
  background: var(--noted-soft, var(--accent-soft));
}
.found {
  border-color: var(--accent);
  background: var(--accent-soft);
}
/* On a phone only the board of the one on turn is shown. */
@media (max-width: 39.99rem) {
  .off {
    display: none;
  }
}
/* For the room: read from three metres. */
html.board .head {
  font-size: 1rem;
  letter-spacing: -0.06em;
}
html.board .row > :first-child {
  font-size: 1rem;
}
html.board .row {
  width: 100%;
}
html.board .row .cell {
  flex: 1;
}
</style>
