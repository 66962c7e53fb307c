<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import { singleAdds, type Found } from '#core/games/skip-count-yard/search'
import type { YardState } from '#core/games/skip-count-yard/rules'
import { deckOfSets } from '#core/games/skip-count-yard/yard'
import type { Seat } from '#shared/api'
import type { YardSearch } from '~/games/skip-count-yard/search.worker'

/** What whoever is on turn could play: single cards at once, and the most that this turn could play. */
const { rules, state } = defineProps<{ rules: YardRules; state: YardState; seats: readonly Seat[] }>()
/** Their cards, where the referee has to name them. */
const named = defineModel<number[]>('named', { required: true })

const MOST_MS = 10_000
/** The cards of whoever is on turn: known where the app deals, else those that are named. */
const dealt = computed(() => state.order !== null)
const hand = computed(() => (dealt.value ? ofSeat(state.hands, state.turn).known : named.value))
const adds = computed(() => singleAdds(rules.sets, state.yard, hand.value))
const found = shallowRef<Found | null>(null)
const { part, failed, ask, cancel } = useWorker<YardSearch>(
  () => new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' }),
)
watch([() => state, hand], () => (found.value = null))

function name(card: number) {
  const copies = deckOfSets(rules.sets).copiesOf(card)
  const has = named.value.filter((other) => other === card).length
  named.value =
    has < copies ? [...named.value, card].sort((a, b) => a - b) : named.value.filter((other) => other !== card)
}
async function search() {
  found.value = await ask((remote, tell) =>
    remote.mostCards(plain(rules.sets), plain(state.yard), plain(hand.value), rules.moves === 'tail', MOST_MS, tell),
  )
}
const steps = computed(() =>
  found.value?.steps.map((step) =>
    step.do === 'add'
      ? `${step.card} to ${step.to}`
      : `move ${step.count === state.yard[step.from].length ? '' : `${step.count} of `}${step.from} to ${step.to}`,
  ),
)
</script>

<template>
  <div class="space-y-2">
    <template v-if="!dealt">
      <p>Which cards does {{ seats[state.turn - 1]?.name }} hold?</p>
      <CardKeys :cards="deckOfSets(rules.sets).faces" :chosen="named" :label="(card) => `Holds ${card}`" @pick="name" />
      <p v-if="named.length" class="figures">{{ named.join(', ') }}</p>
    </template>
    <p role="status">
      At once:
      <span class="figures">{{
        adds.length ? adds.map(({ card, to }) => `${card} to ${to}`).join(', ') : 'nothing'
      }}</span>
    </p>
    <Key v-if="!part && hand.length" @click="search"
      ><UIcon name="i-lucide-route" class="size-5" /> The most with moving</Key
    >
    <WorkUnderWay :part="part" :failed="failed" doing="Searching" broke="The search broke off" @stop="cancel" />
    <div v-if="found" role="status">
      <p>
        <b class="figures">{{ found.cards }}</b> of {{ hand.length }} cards{{
          found.finished ? '' : ' (as far as the search got)'
        }}{{ found.cards ? ':' : '.' }}
      </p>
      <ol class="list-decimal pl-6 figures">
        <li v-for="(step, i) in steps" :key="i">{{ step }}</li>
      </ol>
    </div>
  </div>
</template>
