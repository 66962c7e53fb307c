<script setup lang="ts">
import { boundsOfDay, dayBeside, dayOf, isDay, mondayOf } from '#core/basics/calendar'
import { count } from '#core/basics/words'
import { changed, type Equation } from '#core/contract/working'
import { combined } from '#core/kit/dice'
import { wayTold } from '#core/mastery/ways'
import { HOW_NAMES } from '#core/wording/mastery'
import type { ToldWay } from '#shared/api'
import { callApi } from '~/utils/api'

/** The week's ways: each fact with the ways that were told to it here, drawn; without names unless wished. A poster, too. */
const route = useRoute()
const names = useLocalStorage('ways-names', false)
const monday = computed(() =>
  mondayOf(isDay(String(route.query.week)) ? String(route.query.week) : dayOf(new Date(), roomZone.value)),
)
const sunday = computed(() => dayBeside(monday.value, 6))
const bounds = computed(() => ({
  from: boundsOfDay(monday.value, roomZone.value).from,
  to: boundsOfDay(sunday.value, roomZone.value).to,
}))
const query = computed(
  () =>
    `from=${encodeURIComponent(bounds.value.from)}&to=${encodeURIComponent(bounds.value.to)}${names.value ? '&names=1' : ''}`,
)
const {
  told: facts,
  failed,
  load,
} = useLookingBack(async () => (await callApi(`/api/ways?${query.value}`)).facts, query)

function equationOf({ operation, terms }: ToldWay): Equation | null {
  const [one = 0, other = 0] = terms
  if (operation === 'subtract') return changed(one, '-', other)
  return operation === 'compare' ? null : combined(terms, operation)
}
/** Facts as they are shown: the sum, and the steps of each way as it was told. */
const shown = computed(() =>
  (facts.value ?? []).map((fact) => {
    const equation = equationOf(fact)
    const ways = fact.ways.map((way) => ({ ...way, steps: (equation && wayTold(equation, way.how)?.steps) ?? [] }))
    return { key: `${fact.operation} ${fact.terms.join()}`, terms: fact.terms, equation, ways }
  }),
)
const title = computed(() => `Ways of the week from ${longDay(bounds.value.from)}`)
const print = () => window.print()
useHead({ title: () => `${title.value} · Nimble Tally` })
</script>

<template>
  <div class="space-y-5">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">{{ title }}</h1>
      <span class="flex flex-wrap gap-2 items-center print:hidden">
        <Key :to="`/ways?week=${dayBeside(monday, -7)}`"
          ><UIcon name="i-lucide-chevron-left" class="size-5" /> The week before</Key
        >
        <Key :to="`/ways?week=${dayBeside(monday, 7)}`"
          >The week after <UIcon name="i-lucide-chevron-right" class="size-5"
        /></Key>
        <USwitch v-model="names" label="With names" />
        <Key :why="!facts?.length && 'No way was told in this week.'" @click="print()"
          ><UIcon name="i-lucide-printer" class="size-5" /> Print the poster</Key
        >
      </span>
    </header>
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">
      {{ failed }} <Key @click="load()">Try again</Key>
    </p>
    <Awaited v-else-if="!facts" says="Looking them up …" />
    <UEmpty
      v-else-if="!facts.length"
      icon="i-lucide-lightbulb"
      title="No way was told in this week"
      description="Ask how it was found, and tag it beside the answer: it then stands here."
    />
    <ul v-else class="facts" aria-label="Facts with their ways">
      <li v-for="fact in shown" :key="fact.key" class="sheet p-4 space-y-2">
        <h2 class="text-2xl font-bold">
          <WorkingLine v-if="fact.equation" :working="fact.equation" />
          <span v-else class="figures">{{ fact.terms.join(', ') }}</span>
        </h2>
        <div v-for="way in fact.ways" :key="way.how">
          <p class="font-semibold">
            {{ HOW_NAMES[way.how] }}
            <span class="font-normal text-(--ink-soft)">{{
              way.names.length ? way.names.join(', ') : count(way.times, 'time', 'times')
            }}</span>
          </p>
          <p v-for="(step, i) in way.steps" :key="i"><WorkingLine :working="step" /></p>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
  gap: 0.9rem;
}
.facts > li {
  break-inside: avoid;
}
</style>
