<script setup lang="ts">
import { isEqual } from 'ohash/utils'
import { titleOf } from '#core/contract/game'
import type { GameId } from '#core/games/ids'
import { SITUATIONS } from '#core/games/situations'
import { sayProblem } from '#core/wording/index'
import { loadView } from '~/games'
import { situationIn, useMayI } from '~/composables/useMayI'
import { stampOf } from '~/utils/stamps'

/** May somebody do this? One situation and one play, entered by touch; the judge answers, and a link keeps it. */
const route = useRoute()
const router = useRouter()
const id = String(route.params.id)
const view = await loadView(id)
const game = view?.game
const begun = situationIn(route.query)
const rules = ref(begun.rules)
const entered = shallowRef(begun.entered)
const play = shallowRef(begun.play)
const mayI = game ? useMayI({ game, situation: SITUATIONS[id as GameId], rules, entered, play }) : null

// The address is the link that keeps it.
watchDebounced(
  [rules, entered, play],
  () => {
    const named = { rules: rules.value, at: entered.value, play: play.value ?? {} }
    const query = Object.entries(named).filter(([, value]) => Object.keys(value).length)
    void router.replace({ query: Object.fromEntries(query.map(([name, value]) => [name, JSON.stringify(value)])) })
  },
  { debounce: 300 },
)

const { matches } = useMatches('live')
const { all: kept } = useKeptRules(ref({ id }))
/** Presets, rules under a name, and those of tables that play. */
const schools = computed(() => {
  if (!game) return []
  const usual = [{ key: 'usual', label: 'As usual', rules: {} }]
  const presets = game.presets.map(({ id: key, label, rules: named }) => ({ key, label, rules: { ...named } }))
  const named = kept.value.map(({ id: key, name, houseRules }) => ({ key, label: name, rules: { ...houseRules } }))
  const tables = matches.value
    .filter((match) => match.game === game.id && !match.over)
    .map((match) => ({
      key: match.id,
      label: `As at ${match.name || match.seats.map(({ name }) => name).join(', ')}`,
      rules: match.houseRules,
    }))
  return [...usual, ...presets, ...named, ...tables]
})
const school = computed({
  get: () => schools.value.find((each) => isEqual(each.rules, rules.value))?.key ?? 'own',
  set: (key) => {
    const found = schools.value.find((each) => each.key === key)
    if (!found) return
    rules.value = { ...found.rules }
    mayI?.clear()
  },
})
const choices = computed(() => [
  {
    items: [
      ...(school.value === 'own' ? [{ value: 'own', label: 'As they were handed on' }] : []),
      ...schools.value.map(({ key, label }) => ({ value: key, label })),
    ],
  },
])
const opened = computed(() => mayI?.opened.value)
const parts = computed({
  get: () => (opened.value?.ok ? opened.value.entered : {}),
  set: (now) => {
    mayI?.desk.enter(null)
    entered.value = now
  },
})
/** What is entered begins anew where another thing lies there. */
const moment = computed(() => JSON.stringify([rules.value, entered.value]))
watch(moment, () => mayI && (mayI.desk.entry.value = null))
useHead({ title: () => `May I? ${game ? titleOf(game.about, rules.value) : ''} · Nimble Tally` })
</script>

<template>
  <article v-if="view && game && mayI" class="space-y-3">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="text-3xl font-bold mr-auto">
        May I? <span class="display">{{ titleOf(game.about, rules) }}</span>
      </h1>
      <Choose v-model="school" :choices="choices" label="House rules" class="w-64" />
      <Key @click="((entered = {}), mayI.clear())"><UIcon name="i-lucide-eraser" class="size-5" /> Begin anew</Key>
      <Key :to="`/rulebook/${game.id}`"><UIcon name="i-lucide-book-open" class="size-5" /> The rules</Key>
    </header>
    <p v-if="opened && !opened.ok" role="alert" class="sheet p-4 text-(--refused) font-semibold">
      {{ opened.problems.map((problem) => sayProblem(problem, game)).join(' ') }} Choose other house rules.
    </p>
    <div v-else-if="opened && mayI.tape.value" class="asks">
      <section class="sheet p-4 lies" aria-label="What lies there">
        <h2 class="text-xl font-bold mb-2">What lies there</h2>
        <SituationParts v-model="parts" :parts="opened.parts" />
      </section>
      <section class="sheet p-3 answer" aria-label="The answer" aria-live="polite">
        <template v-if="mayI.answer.value">
          <p class="text-lg font-bold">{{ mayI.answer.value.asks }}?</p>
          <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
            <ToldVerdict
              :verdict="mayI.answer.value.verdict"
              :kind="stampOf(mayI.answer.value.verdict)"
              :says="mayI.answer.value.says"
            />
          </div>
          <p v-if="mayI.answer.value.rests" class="rests"><b>The rule:</b> {{ mayI.answer.value.rests }}</p>
        </template>
        <p v-else class="text-lg text-(--ink-soft)">
          Enter below what {{ mayI.seats[0]!.name }} wants to play; the judge answers at once.
        </p>
        <div class="flex flex-wrap gap-2 mt-2">
          <Key :aria-pressed="mayI.listing.value" @click="mayI.listing.value = !mayI.listing.value"
            ><UIcon name="i-lucide-list-checks" class="size-5" />
            {{ mayI.answer.value ? 'What may I then?' : 'What may I?' }}</Key
          >
          <Key v-if="mayI.answer.value" @click="mayI.clear()"><UIcon name="i-lucide-x" class="size-5" /> Ask anew</Key>
        </div>
        <div v-if="mayI.standing.value" role="status" class="mt-2">
          <p v-if="!mayI.standing.value.plays.length">Nothing stands for {{ mayI.seats[0]!.name }} now.</p>
          <ul v-else class="list-disc pl-6" aria-label="What stands">
            <li v-for="says in mayI.standing.value.plays" :key="says">{{ says }}</li>
            <li v-if="mayI.standing.value.more" class="list-none">… and more of the kind.</li>
          </ul>
        </div>
      </section>
      <div class="picture">
        <FitBox :least="0.7" :most="1.1" :moment="moment"><component :is="view.Table" :key="moment" /></FitBox>
      </div>
      <PadFrame class="sheet">
        <template #head
          ><QuickLine :typed="view.typed" @record="mayI.desk.offer" @draft="mayI.desk.enter($event)"
        /></template>
        <component :is="view.Pad" :key="moment" />
      </PadFrame>
    </div>
  </article>
  <div v-else class="sheet p-8 max-w-xl mx-auto text-center space-y-4">
    <h1 class="text-2xl font-bold">No such game</h1>
    <Key to="/may-i">All games</Key>
  </div>
</template>

<style scoped>
.asks {
  display: grid;
  grid-template-columns: 22rem minmax(0, 1fr);
  grid-template-areas: 'lies answer' 'lies table' 'lies pad';
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 0.75rem;
}
.asks > * {
  min-width: 0;
}
.lies {
  grid-area: lies;
}
.answer {
  grid-area: answer;
}
.picture {
  grid-area: table;
  min-height: 12rem;
  max-height: 24rem;
}
.asks > :deep(.pad) {
  grid-area: pad;
  max-height: none;
  padding: 0.6rem;
}
.rests {
  margin-top: 0.3rem;
  font-size: 1.1rem;
}
@media (max-width: 59.99rem) {
  .asks {
    grid-template-columns: minmax(0, 1fr);
    grid-template-areas: 'lies' 'table' 'answer' 'pad';
  }
}
</style>
