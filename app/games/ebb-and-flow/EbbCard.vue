<script setup lang="ts">
import { adds, rankOf, type EbbCard } from '#core/games/ebb-and-flow/rules'

/** A card of the pack with what it does: an arrow up or down; warm and cool as colour, shape and word. */
const {
  card,
  up = null,
  size = '6rem',
} = defineProps<{
  card: EbbCard | null
  /** Whether it adds, where a wild decides; else by itself. */
  up?: boolean | null
  size?: string
}>()
const tone = computed(() =>
  typeof card === 'string' && card !== 'wild' ? (card.startsWith('warm') ? 'warm' : 'cool') : null,
)
const rises = computed(() => up ?? (card !== null && card !== 'wild' && adds(card)))
</script>

<template>
  <span class="both">
    <svg
      viewBox="0 0 60 80"
      :style="{ width: size, height: `calc(${size} * 1.3333)` }"
      class="card shrink-0"
      :class="tone"
      aria-hidden="true"
    >
      <rect x="1.5" y="1.5" width="57" height="77" rx="7" />
      <path v-if="card === null" class="back" d="M8 20q11-10 22 0t22 0M8 36q11-10 22 0t22 0M8 52q11-10 22 0t22 0" />
      <template v-else-if="card === 'wild'">
        <path class="wild" d="M30 16l5 13l14 1l-11 9l4 14l-12 -8l-12 8l4 -14l-11 -9l14 -1z" />
        <text x="30" y="72" text-anchor="middle" font-size="13">wild</text>
      </template>
      <template v-else>
        <text x="30" y="48" text-anchor="middle" font-size="34">{{ rankOf(card) }}</text>
        <g v-if="tone">
          <circle v-if="tone === 'warm'" cx="30" cy="62" r="6" class="mark" />
          <path v-else class="mark line" d="M18 62q6-7 12 0t12 0" />
          <text x="30" y="17" text-anchor="middle" font-size="12">{{ tone }}</text>
        </g>
      </template>
    </svg>
    <svg
      v-if="card !== null && card !== 'wild'"
      viewBox="0 0 30 60"
      :style="{ height: size }"
      class="shrink-0"
      :class="rises ? 'rises' : 'falls'"
      aria-hidden="true"
    >
      <path :d="rises ? 'M15 4L28 24H20V56H10V24H2Z' : 'M15 56L28 36H20V4H10V36H2Z'" />
    </svg>
    <span class="sr-only">{{
      card === null ? 'face down' : `${card}${card === 'wild' ? '' : rises ? ', adds' : ', takes away'}`
    }}</span>
  </span>
</template>

<style scoped>
.both {
  display: inline-flex;
  align-items: center;
  gap: 0.6rem;
}
rect {
  fill: var(--die);
  stroke: #1c2430;
  stroke-width: 2.4;
}
.warm rect {
  fill: #fbd9b4;
}
.cool rect {
  fill: #c9e2ef;
}
text {
  fill: #1c2430;
  font-family: var(--font-sans);
  font-weight: 800;
}
.back {
  fill: none;
  stroke: #2f6f7c;
  stroke-width: 3;
}
.wild {
  fill: #f3c64f;
  stroke: #1c2430;
  stroke-width: 1.6;
}
.mark {
  fill: #c2511b;
}
.mark.line {
  fill: none;
  stroke: #1f5f80;
  stroke-width: 4;
}
.rises path {
  fill: var(--stands);
}
.falls path {
  fill: var(--refused);
}
</style>
