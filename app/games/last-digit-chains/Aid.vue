<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { lastDigitChains } from '#core/games/last-digit-chains/index'
import { endOf, needs, takesOf } from '#core/games/last-digit-chains/rules'
import type { Solved } from '#core/games/last-digit-chains/solve'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import type { ChainSolver } from '~/games/last-digit-chains/solver.worker'

/** What each row needs, which tops fit and what lies under them; where the fans are known to the bottom, whether all can still be laid. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const MOST_MS = 10_000
const { rules, state } = useTable(lastDigitChains, () => tape)
const shown = useAsked(() => tape)
const answers = shallowRef<Readonly<Record<number, Solved>>>({})
const { part, failed, ask, cancel } = useWorker<ChainSolver>(
  () => new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' }),
)
watch(
  () => tape.state,
  () => (answers.value = {}),
)

const going = computed(() =>
  state.value.layouts.flatMap((layout, i) =>
    endOf(rules.value, layout) === null ? [{ seat: i + 1, name: seats[i]!.name, layout }] : [],
  ),
)
const rows = computed(() =>
  shown.value
    ? going.value.map(({ seat, name, layout }) => ({
        seat,
        name,
        needs: needs(rules.value, layout),
        takes: takesOf(rules.value, layout).map(({ fan, row, card }) => ({
          card,
          fan,
          row,
          under: ofSeat(layout.fans, fan).slice(0, -1).reverse(),
        })),
      }))
    : [],
)
async function search() {
  const found: Record<number, Solved> = {}
  for (const { seat, layout } of going.value) {
    const solved = await ask((remote, tell) => remote.solve(plain(rules.value), plain(layout), MOST_MS, tell))
    if (!solved) return
    found[seat] = solved
  }
  answers.value = found
}
const says = ({ takes, finished }: Solved) =>
  takes
    ? 'can still be completed'
    : finished
      ? 'can’t be completed without dealing again'
      : 'undecided: the search takes too long'
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <Key :aria-pressed="shown" @click="shown = !shown"
        ><UIcon name="i-lucide-eye" class="size-5" /> What fits, and what lies under it</Key
      >
      <Key v-if="!part" @click="search"><UIcon name="i-lucide-search" class="size-5" /> Can it still be completed?</Key>
    </div>
    <WorkUnderWay :part="part" :failed="failed" doing="Searching" broke="The search broke off" @stop="cancel" />
    <ul v-if="Object.keys(answers).length" role="status">
      <li v-for="{ seat, name } in going.filter(({ seat }) => answers[seat])" :key="seat">
        <b>{{ name }}</b>: {{ says(answers[seat]!) }}.
      </li>
    </ul>
    <ul v-if="shown" class="space-y-1">
      <li v-for="row in rows" :key="row.seat">
        <b>{{ row.name }}</b> needs <span class="figures">{{ row.needs.map((need) => need ?? '·').join(' ') }}</span>
        <ul class="pl-4">
          <li v-for="(take, i) in row.takes" :key="i" class="figures">
            {{ take.card }} of fan {{ take.fan }} to row {{ take.row
            }}<span v-if="take.under.length" class="text-(--ink-soft)">; under it {{ take.under.join(' ') }}</span>
          </li>
          <li v-if="!row.takes.length">nothing fits: stuck</li>
        </ul>
      </li>
    </ul>
  </div>
</template>
