<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import type { EbbRules, EbbState } from '#core/games/ebb-and-flow/rules'
import type { Seat } from '#shared/api'

/** Everyone's running score on a post with marks, as high as the water stands; where nothing falls below the floor it is drawn as ground. */
const {
  rules,
  state,
  seats,
  coming = null,
  secret = false,
} = defineProps<{
  rules: EbbRules
  state: EbbState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** Where a card that is being entered leads, and whose. */
  coming?: { readonly by: number; readonly after: number } | null
  secret?: boolean
}>()

const HEIGHT = 190
const levels = computed(() =>
  state.totals.map((total, i) => (secret && state.newest?.by === i + 1 ? state.newest.before : total)),
)
const every = computed(() => (span.value > 120 ? 50 : span.value > 60 ? 20 : span.value > 24 ? 10 : 5))
const span = computed(
  () =>
    Math.max(...levels.value, coming?.after ?? 0, rules.start, 10) - Math.min(0, ...levels.value, coming?.after ?? 0),
)
const low = computed(() => Math.floor(Math.min(0, ...levels.value, coming?.after ?? 0) / every.value) * every.value)
const high = computed(
  () => Math.ceil(Math.max(10, rules.start, ...levels.value, coming?.after ?? 0) / every.value) * every.value,
)
const y = (value: number) => 12 + (HEIGHT - 24) * (1 - (value - low.value) / (high.value - low.value))
const marks = computed(() =>
  Array.from({ length: (high.value - low.value) / every.value + 1 }, (_, i) => low.value + i * every.value),
)
/** The way that a level has just gone, or would go. */
const moved = (seat: number) => {
  if (coming?.by === seat) return { from: ofSeat(levels.value, seat), to: coming.after }
  if (!coming && !secret && state.newest?.by === seat) return { from: state.newest.before, to: state.newest.after }
  return null
}
</script>

<template>
  <ul class="gauges" aria-label="Gauges">
    <li v-for="(seat, i) in seats" :key="i" class="gauge">
      <svg :viewBox="`0 0 100 ${HEIGHT}`" aria-hidden="true">
        <rect
          x="38"
          :y="y(Math.max(levels[i]!, 0))"
          width="34"
          :height="Math.abs(y(0) - y(levels[i]!))"
          class="water"
        />
        <g v-for="mark in marks" :key="mark">
          <path :d="`M34 ${y(mark)}h${mark === 0 ? 42 : 8}`" class="mark" :class="{ zero: mark === 0 }" />
          <text x="30" :y="y(mark) + 4" text-anchor="end">{{ minus(mark) }}</text>
        </g>
        <path :d="`M38 ${y(high)}V${y(low)}M72 ${y(high)}V${y(low)}`" class="post" />
        <path v-if="rules.floor !== null" :d="`M26 ${y(0) + 3}H84`" class="ground" />
        <g v-if="moved(i + 1)" :class="moved(i + 1)!.to >= moved(i + 1)!.from ? 'rises' : 'falls'">
          <rect
            x="38"
            :y="y(Math.max(moved(i + 1)!.from, moved(i + 1)!.to))"
            width="34"
            :height="Math.abs(y(moved(i + 1)!.from) - y(moved(i + 1)!.to))"
            class="change"
          />
          <path
            v-if="moved(i + 1)!.from !== moved(i + 1)!.to"
            :d="`M88 ${y(moved(i + 1)!.from)}V${y(moved(i + 1)!.to)}`"
            class="way"
          />
          <circle cx="88" :cy="y(moved(i + 1)!.to)" r="4" class="tip" />
        </g>
      </svg>
      <span class="who"><Pennant :number="seat.pennant" size="1.1rem" /> {{ seat.name }}</span>
      <b class="figures level">{{ secret && state.newest?.by === i + 1 ? '?' : minus(levels[i]!) }}</b>
    </li>
  </ul>
</template>

<style scoped>
.gauges {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.6rem;
}
.gauge {
  display: flex;
  flex-direction: column;
  align-items: center;
  flex: 1 1 5.6rem;
  max-width: 8.5rem;
  min-width: 0;
}
.water {
  fill: #5aa6b8;
  transition:
    y 320ms ease-in-out,
    height 320ms ease-in-out;
}
.mark,
.post {
  stroke: var(--ink);
  stroke-width: 2;
  fill: none;
}
.zero {
  stroke-width: 3;
}
.ground {
  stroke: var(--ink);
  stroke-width: 6;
}
text {
  font: 14px var(--font-mono);
  letter-spacing: -0.05em;
  fill: var(--ink-soft);
}
.change {
  fill: none;
  stroke-width: 2.5;
  stroke-dasharray: 4 3;
}
.rises :is(.change, .way) {
  stroke: var(--stands);
}
.falls :is(.change, .way) {
  stroke: var(--refused);
}
.way {
  stroke-width: 3;
}
.rises .tip {
  fill: var(--stands);
}
.falls .tip {
  fill: var(--refused);
}
.gauge svg {
  width: min(100%, 7.2rem);
}
.who {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 0 0.3rem;
  font-weight: 600;
  text-align: center;
  overflow-wrap: anywhere;
}
.level {
  font-size: 1.8rem;
  line-height: 1.1;
}
/* For the room: read from three metres. */
html.board text {
  font-size: 17px;
  letter-spacing: -0.08em;
}
html.board .gauges {
  justify-content: space-around;
}
html.board .gauge {
  flex: 1 1 0;
  max-width: none;
  padding: 0.3rem;
  border-radius: 0.8rem;
  background: var(--sunken);
}
html.board .gauge svg {
  width: 7.2rem;
}
html.board .gauges:not(:has(> :nth-child(3))) svg {
  width: 7.8rem;
}
</style>
