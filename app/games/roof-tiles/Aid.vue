<script setup lang="ts">
import { proxy, wrap } from 'comlink'
import { endOf, hopelessCard, placeOf, takesOf } from '#core/games/roof-tiles/layout'
import type { RoofRules, RoofState } from '#core/games/roof-tiles/rules'
import type { Solved } from '#core/games/roof-tiles/solve'
import type { Tape } from '#core/tape'
import { list } from '#core/wording/words'
import type { Seat } from '~/utils/matches'
import type { RoofSolver } from '~/workers/roofSolver'

/** What is still to be taken, roofs that can't be cleared any more, and after a dealt match the best there was. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const MOST_MS = 10_000
const shown = ref(false)
const busy = ref(0)
const best = shallowRef<readonly Solved[]>([])
let worker: Worker | null = null

const rules = computed(() => tape.state.rules as RoofRules)
const layouts = computed(() => (tape.state.game as RoofState).layouts)
const over = computed(() => tape.state.result !== null)
const rows = computed(() =>
  layouts.value.flatMap((layout, i) => {
    if (endOf(rules.value, layout) !== null) return []
    const takes = takesOf(rules.value, layout).map(({ tiles, turned }) => [...tiles.map((tile) => placeOf(tile).join('.')), ...(turned ? ['turned'] : [])].join(' + '))
    return [{ name: seats[i]!.name, takes, hopeless: hopelessCard(rules.value, layout) }]
  }),
)
watch(() => tape.state, () => {
  shown.value = false
  best.value = []
})

async function findBest() {
  worker = new Worker(new URL('../../workers/roofSolver.ts', import.meta.url), { type: 'module' })
  const remote = wrap<RoofSolver>(worker)
  const found: Solved[] = []
  busy.value = 0.01
  for (const layout of (tape.start.game as RoofState).layouts) {
    const deal = { cards: layout.cards, stock: layout.order ?? [] }
    const tell = proxy((milliseconds: number) => void (busy.value = Math.min(0.99, milliseconds / MOST_MS)))
    found.push(await remote.solve(JSON.parse(JSON.stringify(rules.value)) as RoofRules, JSON.parse(JSON.stringify(deal)) as typeof deal, MOST_MS, tell))
    if (!worker) return
  }
  best.value = found
  cancel()
}
function cancel() {
  worker?.terminate()
  worker = null
  busy.value = 0
}
onBeforeUnmount(cancel)
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <button v-if="!over" class="key" :aria-pressed="shown" @click="shown = !shown"><UIcon name="i-lucide-eye" class="size-5" /> What can be taken</button>
      <button v-if="over && tape.table.source === 'dealt' && !busy && !best.length" class="key" @click="findBest"><UIcon name="i-lucide-search" class="size-5" /> The best there was</button>
    </div>
    <p v-if="busy" class="flex items-center gap-3" role="status">
      <progress :value="busy" class="w-40" /> Searching … <button class="underline min-h-11 px-2 cursor-pointer" @click="cancel">Stop</button>
    </p>
    <ul v-if="best.length" role="status"><li v-for="(solved, i) in best" :key="i">{{ seats[i]!.name }}: {{ solved.left === 0 ? 'this roof could have been cleared' : `${solved.left} was the least that could be left` }}{{ solved.finished ? '' : ' (as far as the search got)' }}.</li></ul>
    <ul v-if="shown" class="space-y-1">
      <li v-for="row in rows" :key="row.name">
        <b>{{ row.name }}:</b> <span class="figures">{{ row.takes.length ? list(row.takes) : 'nothing now' }}</span>
        <span v-if="row.hopeless !== null" class="text-(--call) font-semibold"> · can’t be cleared any more: nothing is left for the {{ row.hopeless }}</span>
      </li>
    </ul>
  </div>
</template>
