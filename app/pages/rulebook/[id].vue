<script setup lang="ts">
import { sayTime, timeOf } from '#core/catalogue/time'
import { isGameId, type GameId } from '#core/games/ids'
import { WEIGHINGS } from '#core/games/weighings'
import { skillNames } from '#core/contract/skills'
import { readHouseRules } from '#core/kernel/houseRules'
import { ruleFields, sayRuleValue } from '#core/kernel/ruleFields'
import { range } from '#core/basics/words'
import { loadView } from '~/games'

const route = useRoute()
const view = await loadView(String(route.params.id))
const game = view?.game
const paces = usePaces()
const time = computed(() => {
  const { id, about } = game ?? {}
  return id !== undefined && about && isGameId(id) ? sayTime(timeOf({ id, about }, null, paces.value[id])) : ''
})
const fields = game ? ruleFields(game) : []
/** Questions are answered under the rules that the address names, else under the usual ones. */
const seats = Math.max(2, game?.about.seats.low ?? 2)
const usual = computed(() => {
  if (!game) return null
  const read = readHouseRules(game, rulesIn(route.query.rules) ?? {}, seats)
  const plain = read.ok ? read : readHouseRules(game, {}, seats)
  return plain.ok ? plain.rules : null
})

function bounds(field: (typeof fields)[number]): string {
  if (field.choices) return field.choices.map(({ label }) => label).join(', ')
  return field.least !== undefined && field.most !== undefined ? `${minus(field.least)} to ${minus(field.most)}` : ''
}
useHead({ title: `${game?.about.title ?? 'Rulebook'} · Nimble Tally` })
</script>

<template>
  <article v-if="view && game" class="max-w-4xl mx-auto space-y-6">
    <header class="space-y-2">
      <NuxtLink to="/rulebook" class="inline-flex items-center gap-1 min-h-11 underline underline-offset-4"
        ><UIcon name="i-lucide-arrow-left" /> All games</NuxtLink
      >
      <h1 class="text-4xl font-extrabold">{{ game.about.title }}</h1>
      <p class="text-xl">{{ game.about.line }}</p>
      <p class="text-(--ink-soft)">
        {{ range(game.about.seats) }} players · {{ time }} ·
        {{ skillNames(game.about.skills) }}
      </p>
    </header>
    <p class="flex flex-wrap gap-2">
      <Key :to="learnPath('may-i', game.id, rulesIn(route.query.rules) ?? {})"
        ><UIcon name="i-lucide-circle-help" class="size-5" /> May I?</Key
      >
      <Key :to="`/watch/${game.id}`"><UIcon name="i-lucide-clapperboard" class="size-5" /> Watch one</Key>
      <Key :to="`/try/${game.id}`"><UIcon name="i-lucide-dices" class="size-5" /> Try it</Key>
      <Key :to="`/referee/${game.id}`"><UIcon name="i-lucide-gavel" class="size-5" /> Be the referee</Key>
    </p>
    <component :is="view.Rules" />
    <Key v-if="game.about.titled" to="/workshop"
      ><UIcon name="i-lucide-hammer" class="size-5" /> Make one in the workshop</Key
    >
    <section class="space-y-2">
      <h2 class="text-2xl font-bold">What good players look at</h2>
      <ul class="list-disc pl-6 space-y-1 text-lg">
        <li v-for="{ look } in WEIGHINGS[game.id as GameId]" :key="look">{{ look }}</li>
      </ul>
      <Key :to="learnPath('weigh', game.id)"><UIcon name="i-lucide-scale" class="size-5" /> Weigh three positions</Key>
    </section>
    <GameQuestions v-if="usual" :game="game" :rules="usual" :seats="seats" />
    <section class="space-y-2">
      <h2 class="text-2xl font-bold">House rules</h2>
      <div class="overflow-x-auto sheet">
        <table class="w-full text-left rules">
          <thead>
            <tr>
              <th scope="col">Rule</th>
              <th scope="col">Usual</th>
              <th scope="col">May be</th>
              <th scope="col">Meaning</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="field in fields" :id="field.name" :key="field.name">
              <th scope="row">{{ field.label }}</th>
              <td :class="{ 'whitespace-nowrap': sayRuleValue(field, field.default).length < 24 }">
                {{ sayRuleValue(field, field.default) }}
              </td>
              <td>{{ bounds(field) }}</td>
              <td>
                {{ field.hint }}<template v-if="field.changeable"> Can be changed in the middle of a match.</template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <section class="space-y-2">
      <h2 class="text-2xl font-bold">On their own</h2>
      <p>
        Where children play on their own, the app asks “{{ game.about.finds.asks }}” and keeps to itself, until it was
        given: {{ game.about.finds.hides.join('; ') }}.
      </p>
    </section>
    <section class="space-y-2">
      <h2 class="text-2xl font-bold">Usual mistakes</h2>
      <ul class="list-disc pl-6 space-y-1">
        <li v-for="slip in game.about.slips" :key="slip">{{ slip }}</li>
      </ul>
    </section>
    <p class="flex flex-wrap gap-2">
      <Key main :to="`/new?game=${game.id}`"><UIcon name="i-lucide-play" class="size-5" /> Set up a match</Key>
      <Key :to="`/print/${game.id}`"><UIcon name="i-lucide-printer" class="size-5" /> Print what it needs</Key>
    </p>
  </article>
  <div v-else class="sheet p-8 max-w-xl mx-auto text-center space-y-4">
    <h1 class="text-2xl font-bold">No such game</h1>
    <Key to="/rulebook">All games</Key>
  </div>
</template>

<style scoped>
.rules th,
.rules td {
  padding: 0.5rem 0.8rem;
  vertical-align: top;
}
.rules tr + tr,
.rules tbody tr {
  border-top: 1px solid var(--rule);
}
</style>
