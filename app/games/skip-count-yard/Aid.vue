<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { skipCountYard } from '#core/games/skip-count-yard/index'
import { comingNext, singleAdds, type Found } from '#core/games/skip-count-yard/search'
import { deckOfSets } from '#core/games/skip-count-yard/yard'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import type { YardSearch } from '~/games/skip-count-yard/search.worker'

/** The multiples, what may come next, and plays overlooked: single ones, and the most that this turn could play. Only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(skipCountYard, () => tape)

const MOST_MS = 10_000
type What = 'table' | 'next' | 'plays'
const which = ref<What | null>(null)
const full = ref(false)
const next = computed(() => (which.value === 'next' ? comingNext(rules.value.sets, state.value.yard) : []))
/** The cards of whoever is on turn: known where the app deals, else those that are named. */
const dealt = computed(() => state.value.order !== null)
const named = ref<number[]>([])
const hand = computed(() => (dealt.value ? ofSeat(state.value.hands, state.value.turn).known : named.value))
const adds = computed(() => (which.value === 'plays' ? singleAdds(rules.value.sets, state.value.yard, hand.value) : []))
const found = shallowRef<Found | null>(null)
const { part, failed, ask, cancel } = useWorker<YardSearch>(
  () => new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' }),
)
watch([() => tape.state, hand], () => (found.value = null))
watch(
  () => state.value.turn,
  () => (named.value = []),
)

function name(card: number) {
  const copies = deckOfSets(rules.value.sets).copiesOf(card)
  const has = named.value.filter((other) => other === card).length
  named.value =
    has < copies ? [...named.value, card].sort((a, b) => a - b) : named.value.filter((other) => other !== card)
}
async function search() {
  found.value = await ask((remote, tell) =>
    remote.mostCards(
      plain(rules.value.sets),
      plain(state.value.yard),
      plain(hand.value),
      rules.value.moves === 'tail',
      MOST_MS,
      tell,
    ),
  )
}
const show = (what: What) => (which.value = which.value === what ? null : what)
const steps = computed(() =>
  found.value?.steps.map((step) =>
    step.do === 'add'
      ? `${step.card} to ${step.to}`
      : `move ${step.count === state.value.yard[step.from].length ? '' : `${step.count} of `}${step.from} to ${step.to}`,
  ),
)
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <Key :aria-pressed="which === 'table'" @click="show('table')"
        ><UIcon name="i-lucide-table" class="size-5" /> Multiples</Key
      >
      <Key :aria-pressed="which === 'next'" @click="show('next')"
        ><UIcon name="i-lucide-arrow-right-to-line" class="size-5" /> What may come next</Key
      >
      <Key :aria-pressed="which === 'plays'" @click="show('plays')"
        ><UIcon name="i-lucide-search" class="size-5" /> Overlooked?</Key
      >
    </div>
    <div v-if="which === 'table'" role="status">
      <table class="figures text-right">
        <tbody>
          <tr v-for="set in rules.sets" :key="set">
            <td v-for="times in full ? 10 : 5" :key="times" class="px-1.5" :class="{ 'font-bold': times === 1 }">
              {{ set * times }}
            </td>
          </tr>
        </tbody>
      </table>
      <Key :aria-pressed="full" @click="full = !full">{{ full ? 'Short' : 'Full table' }}</Key>
    </div>
    <ul v-else-if="which === 'next'" role="status">
      <li v-for="row in next" :key="row.at">
        <b>{{ row.at }}</b>:
        <span class="figures">{{
          row.next.length ? row.next.map(({ step, card }) => `${card} (×${step})`).join(', ') : 'complete'
        }}</span>
      </li>
    </ul>
    <div v-else-if="which === 'plays'" class="space-y-2">
      <template v-if="!dealt">
        <p>Which cards does {{ seats[state.turn - 1]?.name }} hold?</p>
        <CardKeys
          :cards="deckOfSets(rules.sets).faces"
          :chosen="named"
          :label="(card) => `Holds ${card}`"
          @pick="name"
        />
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
  </div>
</template>
