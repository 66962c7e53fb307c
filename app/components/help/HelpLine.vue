<script setup lang="ts">
import type { Aid } from '#core/mastery/ladder'

/** A number line with its tens, on which hops are drawn by touch; where they end is for the child to read. */
const { aid, laid } = defineProps<{ aid: Extract<Aid, { kind: 'line' }>; laid: readonly number[] }>()
/** The hops made. */
const work = defineModel<readonly number[]>({ required: true })

const hops = computed(() => {
  let at = aid.from
  return work.value.map((by) => {
    const from = at
    at += by
    return { from, to: at }
  })
})
const at = computed(() => hops.value.at(-1)?.to ?? aid.from)
const down = computed(() => aid.hops.some((hop) => hop < 0))
const leaps = computed(() => [...aid.leaps.map((by) => (down.value ? -by : by)), down.value ? 1 : -1])
/** More hops than these are no help any more. */
const MOST = 60
const fits = (by: number) => at.value + by >= aid.low && at.value + by <= aid.high && work.value.length < MOST
const go = (by: number) => (work.value = [...work.value, by])

const WIDTH = 640
const EDGE = 24
const LINE = 70
const x = (value: number) => EDGE + ((value - aid.low) / (aid.high - aid.low)) * (WIDTH - 2 * EDGE)
const every = computed(() => ((aid.high - aid.low) / 10 > 15 ? 50 : 10))
const named = computed(() =>
  Array.from(
    { length: Math.floor((aid.high - aid.low) / every.value) + 1 },
    (_, i) => Math.ceil(aid.low / every.value) * every.value + every.value * i,
  ).filter((value) => value <= aid.high),
)
const ticks = computed(() =>
  aid.high - aid.low <= 100 ? Array.from({ length: aid.high - aid.low + 1 }, (_, i) => aid.low + i) : [],
)
const arc = (from: number, to: number) => {
  const [a, b] = [x(from), x(to)]
  const height = Math.min(48, 14 + Math.abs(b - a) / 3)
  return `M${a} ${LINE}Q${(a + b) / 2} ${LINE - 2 * height} ${b} ${LINE}`
}
</script>

<template>
  <div class="space-y-3">
    <svg
      :viewBox="`0 0 ${WIDTH} 120`"
      class="w-full"
      role="img"
      :aria-label="`A number line, beginning at ${aid.from}`"
    >
      <path :d="`M8 ${LINE}H${WIDTH - 8}`" class="line" />
      <path v-for="tick in ticks" :key="`t${tick}`" :d="`M${x(tick)} ${LINE - 4}v8`" class="tick" />
      <template v-for="value in named" :key="`n${value}`">
        <path :d="`M${x(value)} ${LINE - 9}v18`" class="tick tall" />
        <text :x="x(value)" :y="LINE + 32" class="name">{{ value }}</text>
      </template>
      <path v-for="({ from, to }, i) in hops" :key="i" :d="arc(from, to)" class="hop" />
      <circle :cx="x(aid.from)" :cy="LINE" r="6" class="start" />
      <circle :cx="x(at)" :cy="LINE" r="8" class="at" />
    </svg>
    <div class="flex flex-wrap gap-1.5">
      <Key
        v-for="by in leaps"
        :key="by"
        :why="!fits(by) && 'That hop leaves the line.'"
        :aria-label="`Hop ${minus(by)}`"
        @click="go(by)"
        >{{ by > 0 ? `+${by}` : minus(by) }}</Key
      >
      <Key
        :why="work.length <= laid.length && 'No hop is drawn yet.'"
        aria-label="The last hop back"
        @click="work = work.slice(0, -1)"
        ><UIcon name="i-lucide-delete" class="size-5"
      /></Key>
    </div>
  </div>
</template>

<style scoped>
.line,
.tick {
  stroke: var(--ink-soft);
  stroke-width: 1.5;
  fill: none;
}
.tall {
  stroke: var(--ink);
  stroke-width: 2.5;
}
.name {
  font: 600 1.15rem var(--font-mono);
  text-anchor: middle;
  fill: var(--ink);
}
.hop {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3.5;
}
.start {
  fill: var(--sheet);
  stroke: var(--accent);
  stroke-width: 3;
}
.at {
  fill: var(--accent);
}
</style>
