<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { coveredPart, shownPart, type CoverRules, type Found, type PublicHidden } from '#core/games/covered-part/rules'
import type { Seat } from '#shared/api'

/**
 * Two parts, one under the cover, and the total that was announced; as part and whole, and in ten-frames. After the
 * guess the cover is lifted.
 */
const {
  rules,
  hidden,
  last = null,
  seats,
  peek = null,
} = defineProps<{
  rules: CoverRules
  hidden: PublicHidden | null
  /** The hide before, once it was guessed. */
  last?: Found | null
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** The covered part, while the referee lifts the cover for a moment. */
  peek?: number | null
}>()
const now = computed(() => {
  if (hidden) return { shown: hidden.shown, part: peek, covered: hidden.covered, total: hidden.total, by: hidden.by }
  return (
    last && { shown: shownPart(last), part: coveredPart(last), covered: last.covered, total: last.total, by: last.by }
  )
})
const halves = computed(() =>
  now.value
    ? ([1, 2] as const).map((place) => (place === now.value!.covered ? now.value!.part : now.value!.shown))
    : [],
)
const sign = computed(() => (rules.combine === 'add' ? '+' : '×'))
const frames = computed(() =>
  rules.combine === 'add' && now.value && now.value.total <= 30
    ? Array.from({ length: Math.max(1, Math.ceil(now.value.total / 10)) }, (_, i) => i)
    : [],
)
</script>

<template>
  <div v-if="now" class="cover">
    <div class="pieces" :class="rules.pieces">
      <template v-for="(half, i) in halves" :key="i">
        <span class="half">
          <svg v-if="half === null" viewBox="0 0 60 60" class="lid" role="img" aria-label="covered">
            <path d="M6 52h48M12 52V30a18 18 0 0 1 36 0V52M30 12V5M25 5h10" />
            <text x="30" y="46" text-anchor="middle">?</text>
          </svg>
          <Die v-else-if="half <= 6 && half > 0" :face="half" :sides="6" size="4.2rem" />
          <b v-else class="plain figures">{{ half }}</b>
        </span>
      </template>
    </div>
    <div class="told">
      <p class="total">
        <b class="figures">{{ now.total }}</b><span class="text-sm">announced by {{ ofSeat(seats, now.by).name }}</span>
      </p>
      <p class="figures sentence">
        {{ now.part === null ? '?' : now.part }} {{ sign }} {{ now.shown }} = {{ now.total }}
      </p>
    </div>
    <div v-if="rules.combine === 'add' && now.total > 0" class="bars" aria-hidden="true">
      <span class="bar whole figures">{{ now.total }}</span>
      <span class="parts">
        <span v-if="now.shown" class="bar figures" :style="{ flexGrow: now.shown }">{{ now.shown }}</span>
        <span
          v-if="now.total - now.shown"
          class="bar missing figures"
          :style="{ flexGrow: now.part === null ? Math.max(now.total - now.shown, now.total / 4) : now.part }"
          >{{ now.part ?? '?' }}</span
        >
      </span>
    </div>
    <div v-if="frames.length" class="frames" aria-hidden="true">
      <span v-for="frame in frames" :key="frame" class="frame"
        ><i
          v-for="cell in 10"
          :key="cell"
          :class="{
            shown: 10 * frame + cell <= now.shown,
            missing: 10 * frame + cell > now.shown && 10 * frame + cell <= now.total,
          }"
      /></span>
    </div>
  </div>
  <p v-else class="text-lg text-(--ink-soft)">
    {{ rules.pieces === 'dice' ? 'Two dice' : 'A domino' }} for the hider; one part will be covered.
  </p>
</template>

<style scoped>
.cover {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 1rem 2rem;
  padding-block: 0.5rem;
}
html.board .cover {
  align-content: space-between;
  padding-block: 0.5rem 0;
}
.pieces {
  display: flex;
  gap: 0.8rem;
}
.dominoes {
  gap: 0;
  padding: 0.3rem;
  border: 3px solid var(--ink);
  border-radius: 0.6rem;
  background: var(--die);
}
.dominoes .half + .half {
  border-left: 3px solid var(--ink);
}
.half {
  display: grid;
  place-items: center;
  min-width: 5rem;
  min-height: 5rem;
}
.lid {
  width: 4.8rem;
  height: 4.8rem;
}
.lid path {
  fill: var(--accent-soft);
  stroke: var(--accent);
  stroke-width: 3;
}
.lid text {
  fill: var(--ink);
  font: 800 22px var(--font-sans);
}
.dominoes .lid path {
  fill: #cfe3e8;
}
.dominoes .lid text {
  fill: #1c2430;
}
.plain {
  font-size: 2.8rem;
}
.dominoes .plain {
  color: #1c2430;
}
.total {
  display: flex;
  align-items: baseline;
  gap: 0.6rem;
}
.total b {
  font-size: 3rem;
  line-height: 1;
}
.sentence {
  font-size: 1.7rem;
  font-weight: 700;
}
.bars {
  display: grid;
  gap: 3px;
  flex: 1 1 14rem;
  max-width: 26rem;
}
.parts {
  display: flex;
  gap: 3px;
}
.bar {
  display: grid;
  place-items: center;
  min-width: 1.7rem;
  min-height: 2.2rem;
  flex-basis: 0;
  border: 2px solid var(--ink);
  background: var(--accent-soft);
  font-weight: 800;
  font-size: 1.2rem;
}
.whole {
  background: var(--paper);
}
.bar.missing {
  border-style: dashed;
  background: var(--call-soft);
}
.frames {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.frame {
  display: grid;
  grid-template-columns: repeat(5, 1.25rem);
  gap: 2px;
}
.frame i {
  height: 1.25rem;
  border: 1.5px solid var(--ink-soft);
  border-radius: 50%;
}
.frame .shown {
  background: var(--accent);
}
.frame .missing {
  border: 2.5px dashed var(--ink);
}
</style>
