<script setup lang="ts">
import { matchTitle } from '#core/games/titles'
import { count } from '#core/basics/words'
import type { OwnBest } from '#core/mastery/bests'

/** A child's own bests, game by game and rules by rules, and how the scores came about: against nobody else. */
const { bests } = defineProps<{ bests: readonly OwnBest[] }>()
const MOST = 12
const all = ref(false)
const shown = computed(() => (all.value ? bests : bests.slice(0, MOST)))
const BEST = { most: 'most', fewest: 'fewest', nearest: 'nearest' } as const

const [WIDTH, HEIGHT] = [120, 34]
/** The scores as a line, in the order they were played; the best at the top. */
function line({ scores, best }: OwnBest): readonly (readonly [number, number])[] {
  const values = scores.map(({ score }) => (best === 'fewest' ? -score : score))
  const [low, high] = [Math.min(...values), Math.max(...values)]
  return values.map((value, i) => [
    4 + (i / Math.max(1, values.length - 1)) * (WIDTH - 8),
    HEIGHT - 5 - ((value - low) / Math.max(1, high - low)) * (HEIGHT - 10),
  ])
}
const points = (own: OwnBest) =>
  line(own)
    .map(([x, y]) => `${x},${y}`)
    .join(' ')
const says = ({ scores }: OwnBest) => `Scores in order: ${scores.map(({ score }) => minus(score)).join(', ')}`
</script>

<template>
  <section class="sheet p-4 space-y-2" aria-labelledby="bests">
    <h2 id="bests" class="text-xl font-bold">Own bests</h2>
    <ul class="divide-y divide-(--rule)">
      <li v-for="(own, i) in shown" :key="i" class="py-2 flex flex-wrap items-center gap-x-5 gap-y-1">
        <span class="min-w-52"
          ><b>{{ matchTitle(own) }}</b>
          <span class="block text-sm text-(--ink-soft)">{{
            [
              Object.keys(own.houseRules).length ? 'own rules' : 'usual rules',
              count(own.times, 'match', 'matches'),
            ].join(', ')
          }}</span></span
        >
        <span v-if="own.top && own.best"
          >{{ BEST[own.best] }}
          <NuxtLink :to="`/match/${own.top.match}`" class="underline underline-offset-4"
            ><b class="figures text-xl">{{ minus(own.top.score) }}</b></NuxtLink
          >
          <span class="text-sm text-(--ink-soft)"> {{ shortDay(own.top.at) }}</span></span
        >
        <span v-if="own.clearest"
          >fewest wrong
          <NuxtLink :to="`/match/${own.clearest.match}`" class="underline underline-offset-4"
            ><b class="figures text-xl">{{ own.clearest.wrong }}</b></NuxtLink
          >
          of {{ own.clearest.said }}</span
        >
        <svg
          v-if="own.scores.length > 1"
          :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
          class="w-32 ml-auto"
          role="img"
          :aria-label="says(own)"
        >
          <polyline :points="points(own)" class="scores" />
          <circle v-for="([x, y], n) in line(own)" :key="n" :cx="x" :cy="y" r="2.6" class="dot" />
        </svg>
      </li>
    </ul>
    <Key v-if="bests.length > MOST && !all" @click="all = true">All {{ bests.length }}</Key>
  </section>
</template>

<style scoped>
.scores {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
}
.dot {
  fill: var(--accent);
}
</style>
