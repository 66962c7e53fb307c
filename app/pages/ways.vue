<script setup lang="ts">
import { boundsOfDay, dayBeside, dayOf, isDay, mondayOf } from '#core/basics/calendar'
import { count } from '#core/basics/words'
import { sumOf, changed, type Equation } from '#core/contract/working'
import { waysTo, type WayKind } from '#core/mastery/ways'
import { HOW_NAMES } from '#core/wording/mastery'
import type { ToldWay } from '#shared/api'
import type { How } from '#core/contract/plays'
import { callApi } from '~/utils/api'

/** The week's ways: each fact with the ways that were told to it here, drawn; without names unless wished. A poster, too. */
const route = useRoute()
const { load: ask } = useAccess()
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
const facts = shallowRef<readonly ToldWay[] | null>(null)
const failed = ref<string | null>(null)
async function load() {
  failed.value = null
  try {
    facts.value = (await callApi<{ facts: ToldWay[] }>(`/api/ways?${query.value}`)).facts
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(async () => {
  await ask()
  await load()
  watch(query, load)
})

/** The thoughts that a tag may stand for. */
const KINDS: Readonly<Partial<Record<How, readonly WayKind[]>>> = {
  'made-ten': ['make-ten', 'over-ten'],
  'near-double': ['near-double'],
  doubled: ['doubling', 'near-double'],
  'skip-counted': ['skip-count'],
  'counted-on': ['count-on', 'add-up'],
  'counted-back': ['count-back', 'over-ten'],
  'tens-and-ones': ['tens-and-ones', 'five-and-more'],
}
function equationOf({ operation, terms, answer }: ToldWay): Equation | null {
  const [one = 0, other = 0] = terms
  if (operation === 'add') return sumOf(terms)
  if (operation === 'subtract') return changed(one, '-', other)
  if (operation !== 'times') return null
  const signed = terms.map((value, i) => ({ sign: i ? ('×' as const) : ('+' as const), value }))
  return { kind: 'equation', terms: signed, equals: answer }
}
/** The steps of a way as it was told, where the numbers lend themselves to it. */
function stepsOf(fact: ToldWay, how: How): readonly Equation[] {
  const equation = equationOf(fact)
  const ways = equation ? waysTo(equation) : []
  return KINDS[how]?.flatMap((kind) => ways.find((way) => way.kind === kind) ?? [])[0]?.steps ?? []
}
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
        <Key :disabled="!facts?.length" @click="print()"
          ><UIcon name="i-lucide-printer" class="size-5" /> Print the poster</Key
        >
      </span>
    </header>
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">
      {{ failed }} <Key @click="load()">Try again</Key>
    </p>
    <p v-else-if="!facts" aria-busy="true">Looking them up …</p>
    <UEmpty
      v-else-if="!facts.length"
      icon="i-lucide-lightbulb"
      title="No way was told in this week"
      description="Ask how it was found, and tag it beside the answer: it then stands here."
    />
    <ul v-else class="facts" aria-label="Facts with their ways">
      <li v-for="fact in facts" :key="`${fact.operation} ${fact.terms.join()}`" class="sheet p-4 space-y-2">
        <h2 class="text-2xl font-bold">
          <WorkingLine v-if="equationOf(fact)" :working="equationOf(fact)!" />
          <span v-else class="figures">{{ fact.terms.join(', ') }}</span>
        </h2>
        <div v-for="way in fact.ways" :key="way.how">
          <p class="font-semibold">
            {{ HOW_NAMES[way.how] }}
            <span class="font-normal text-(--ink-soft)">{{
              way.names.length ? way.names.join(', ') : count(way.times, 'time', 'times')
            }}</span>
          </p>
          <p v-for="(step, i) in stepsOf(fact, way.how)" :key="i"><WorkingLine :working="step" /></p>
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
