<script setup lang="ts">
import type { LandingRules, LandingState } from '#core/games/exact-landing/rules'
import type { Seat } from '#shared/api'

/**
 * The number line: pieces below it, the hop as it was spun, the goal a flag. An end that goes on is drawn as
 * going on; a piece beyond an end stands on the part that went on.
 */
const {
  rules,
  state,
  seats,
  coming = null,
  blank = false,
  secret = false,
  room = false,
} = defineProps<{
  rules: LandingRules
  state: LandingState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** A spin that is being entered. */
  coming?: { readonly by: number; readonly from: number; readonly to: number; readonly off: boolean } | null
  /** The numbers are left for children to fill in; only start and goal are told. */
  blank?: boolean
  /** Where the newest hop ends is not told. */
  secret?: boolean
  /** For the room: higher, with larger names. */
  room?: boolean
}>()

/** How much is drawn on: less where there is less room, so that numbers and names stay as large as they must be. */
const [WIDEST, LEAST_WIDE, PER_PIXEL] = [1000, 320, 1.45]
const { width: across } = useElementSize(useTemplateRef('line'))
const WIDTH = computed(() =>
  across.value && !room ? Math.max(LEAST_WIDE, Math.min(WIDEST, Math.round(across.value * PER_PIXEL))) : WIDEST,
)
const EDGE = 46
const hop = computed(() => coming ?? (secret ? null : state.newest))
const shownPlaces = computed(() =>
  state.places.map((at, i) => (secret && state.newest?.by === i + 1 && !state.newest.off ? state.newest.from : at)),
)
const low = computed(() => Math.min(rules.low, ...shownPlaces.value, coming?.off === false ? coming.to : rules.low))
const high = computed(() => Math.max(rules.high, ...shownPlaces.value, coming?.off === false ? coming.to : rules.high))
const width = computed(() => (WIDTH.value - 2 * EDGE) / (high.value - low.value))
const x = (at: number) => EDGE + (at - low.value) * width.value
/** A tick at every number while they are not too many; labels where they have room. */
const NICE = [1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500]
const tickEvery = computed(() => NICE.find((every) => width.value * every >= 9) ?? 1000)
const labelEvery = computed(
  () => NICE.find((every) => every % tickEvery.value === 0 && width.value * every >= 40) ?? 1000,
)
const ticks = computed(() => {
  const first = Math.ceil(low.value / tickEvery.value) * tickEvery.value
  return Array.from(
    { length: Math.floor((high.value - first) / tickEvery.value) + 1 },
    (_, i) => first + i * tickEvery.value,
  )
})
const isNamed = (at: number) =>
  at % labelEvery.value === 0 || at === rules.start || at === rules.goal || at === rules.low || at === rules.high
const labels = computed(() =>
  [...new Set([...ticks.value.filter(isNamed), rules.start, rules.goal])].filter((at) => !crowded(at)),
)
/** A label in between gives way to one that has to stand there. */
function crowded(at: number): boolean {
  const must = (other: number) => other === rules.start || other === rules.goal
  return !must(at) && [rules.start, rules.goal].some((other) => other !== at && Math.abs(other - at) * width.value < 30)
}
const letter = computed(() => Math.max(19, Math.min(34 * k.value, 0.5 * width.value * labelEvery.value)))
const text = (at: number) => (blank && at !== rules.start && at !== rules.goal ? '' : minus(at))
const arc = computed(() => {
  const now = hop.value
  if (!now) return null
  const [a, b] = [x(now.from), Math.max(6, Math.min(WIDTH.value - 6, x(now.to)))]
  const height = k.value * Math.min(84, 34 + Math.abs(b - a) / 4)
  return {
    path: `M${a} ${line.value}Q${(a + b) / 2} ${line.value - 2 * height} ${b} ${line.value}`,
    x: (a + b) / 2,
    y: line.value - height - 6,
    label: `${now.to >= now.from ? '+' : '−'}${Math.abs(now.to - now.from)}`,
    off: now.off,
    end: b,
  }
})
const PENNANT = room ? 54 : 40
const LETTER = room ? 17 : 14
/** Pieces stand below their place, side by side where there is room, else one lane lower; nobody's name lies over another's. */
const pieces = computed(() => {
  const laid: { number: number; name: string; at: number; left: number; width: number; lane: number }[] = []
  for (const [i, { name, pennant }] of seats.entries()) {
    const at = Math.max(6, Math.min(WIDTH.value - 6, x(shownPlaces.value[i]!)))
    const width = PENNANT + 10 + LETTER * name.length
    const left = Math.max(4, Math.min(WIDTH.value - width - 4, at - width / 2))
    let lane = 0
    while (
      laid.some(
        (other) => other.lane === lane && left < other.left + other.width + 12 && other.left < left + width + 12,
      )
    )
      lane++
    laid.push({ number: pennant, name, at, left, width, lane })
  }
  return laid
})
/** Heights, of what they are at a desk: for the room as much as it has, however many lanes there are. */
const [ROOM_HEIGHT, TALLEST] = [370, 1.8]
const lanes = computed(() => 1 + Math.max(...pieces.value.map(({ lane }) => lane)))
const k = computed(() =>
  room ? Math.max(1, Math.min(TALLEST, (ROOM_HEIGHT - 44) / (118 + 22 + 42 * lanes.value))) : 1,
)
const line = computed(() => 118 * k.value)
/** Where the lanes of the pieces begin, and how high one is. */
const LANES = computed(() => line.value + 44 + 22 * k.value)
const LANE = computed(() => 42 * k.value)
const height = computed(() => LANES.value + LANE.value * lanes.value + 4)
const says = computed(() => seats.map((seat, i) => `${seat.name} on ${shownPlaces.value[i]}`).join(', '))
</script>

<template>
  <figure
    ref="line"
    class="line"
    role="img"
    :aria-label="`Number line from ${rules.low} to ${rules.high}, goal ${rules.goal}: ${says}`"
  >
    <svg :viewBox="`0 0 ${WIDTH} ${height}`" aria-hidden="true">
      <path
        v-for="(piece, i) in pieces"
        :key="`m${i}`"
        :d="`M${piece.at} ${line + 28 + 24 * k}V${LANES + LANE * piece.lane}`"
        class="mast"
      />
      <path :d="`M${x(low) - 22} ${line}H${x(high) + 22}`" class="base" />
      <g v-if="rules.under === 'extend' || low < rules.low">
        <path :d="`M${x(low) - 22} ${line}l12 -9M${x(low) - 22} ${line}l12 9`" class="base" />
        <path :d="`M4 ${line}H20`" class="on" />
      </g>
      <path v-if="rules.under !== 'extend'" :d="`M${x(rules.low) - 20} ${line - 22}v44`" class="wall" />
      <g v-if="rules.over === 'extend' || high > rules.high">
        <path :d="`M${x(high) + 22} ${line}l-12 -9M${x(high) + 22} ${line}l-12 9`" class="base" />
        <path :d="`M${WIDTH - 20} ${line}H${WIDTH - 4}`" class="on" />
      </g>
      <path v-if="rules.over !== 'extend'" :d="`M${x(rules.high) + 20} ${line - 22}v44`" class="wall" />
      <path
        v-for="tick in ticks"
        :key="`t${tick}`"
        :d="`M${x(tick)} ${line - (isNamed(tick) ? 13 : 7)}v${isNamed(tick) ? 26 : 14}`"
        class="tick"
        :class="{ zero: tick === 0 }"
      />
      <g v-for="at in labels" :key="`l${at}`">
        <rect
          v-if="blank && at !== rules.start && at !== rules.goal"
          :x="x(at) - 15"
          :y="line + 18"
          width="30"
          height="30"
          class="blank"
        />
        <text
          :x="x(at)"
          :y="line + 20 + 24 * k"
          text-anchor="middle"
          :font-size="letter"
          :class="{ start: at === rules.start }"
        >
          {{ text(at) }}
        </text>
      </g>
      <g :transform="`translate(${x(rules.goal)} ${line})`" class="flag">
        <path d="M0 0V-96" class="pole" />
        <path d="M1 -96l40 13l-40 13z" class="cloth" />
      </g>
      <g v-if="arc" :class="{ off: arc.off }">
        <path :key="arc.path" :d="arc.path" class="hop" pathLength="1" />
        <text :x="arc.x" :y="arc.y" text-anchor="middle" class="by">{{ arc.label }}</text>
        <path
          v-if="arc.off"
          :d="`M${arc.end - 11} ${line - 11}l22 22M${arc.end + 11} ${line - 11}l-22 22`"
          class="cross"
        />
        <circle v-else :cx="arc.end" :cy="line" r="8" class="end" />
      </g>
      <g v-for="(piece, i) in pieces" :key="`p${i}`" :data-piece="i">
        <rect
          :x="piece.left - 3"
          :y="LANES + LANE * piece.lane"
          :width="piece.width + 6"
          :height="LANE - 4"
          rx="6"
          class="tag"
        />
        <Pennant
          :number="piece.number"
          size=""
          :width="37 * k"
          :height="30 * Math.min(k, 1.25)"
          :x="piece.left"
          :y="LANES + LANE * piece.lane + 4"
        />
        <text :x="piece.left + PENNANT + 4" :y="LANES + LANE * piece.lane + 27 * k" class="name" :class="{ room }">
          {{ piece.name }}
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.line {
  width: 100%;
}
/* Not those of the pennants in it. */
.line > svg {
  display: block;
  width: 100%;
}
.base,
.tick {
  stroke: var(--ink);
  stroke-width: 3;
  fill: none;
}
.tick {
  stroke-width: 2.5;
}
.zero {
  stroke-width: 6;
}
.on {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 3 4;
}
.wall {
  stroke: var(--ink);
  stroke-width: 7;
}
text {
  fill: var(--ink);
  font-family: var(--font-mono);
  font-weight: 600;
}
.start {
  text-decoration: underline;
}
.blank {
  fill: var(--paper);
  stroke: var(--ink-soft);
  stroke-dasharray: 4 3;
}
.pole {
  stroke: var(--ink);
  stroke-width: 4;
}
.cloth {
  fill: var(--stands);
  stroke: var(--ink);
  stroke-width: 2;
}
.hop {
  fill: none;
  stroke: var(--accent);
  stroke-width: 5;
}
/* The hop is drawn as it was made. */
g:not(.off) > .hop {
  stroke-dasharray: 1;
  animation: hop 320ms ease-in-out;
}
@keyframes hop {
  from {
    stroke-dashoffset: 1;
  }
}
.off .hop {
  stroke: var(--refused);
  stroke-dasharray: 0.04 0.027;
}
.cross {
  stroke: var(--refused);
  stroke-width: 6;
}
.by {
  font-size: 30px;
  font-weight: 800;
}
.end {
  fill: var(--accent);
}
.mast {
  stroke: var(--ink-soft);
  stroke-width: 2;
}
.tag {
  fill: var(--sheet);
  stroke: var(--rule);
}
.name {
  font: 700 22px var(--font-sans);
}
.name.room {
  font-size: 26px;
}
</style>
