<script setup lang="ts">
import { roofTiles } from '#core/games/roof-tiles/index'
import { endOf, hopelessCard, inReach, takesOf } from '#core/games/roof-tiles/layout'
import type { Solved } from '#core/games/roof-tiles/solve'
import type { Tape } from '#core/kernel/tape'
import { list } from '#core/basics/words'
import type { Seat } from '#shared/api'
import type { RoofSolver } from '~/games/roof-tiles/solver.worker'

/** What is still to be taken, roofs that can't be cleared any more, and after a dealt match the best there was. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const MOST_MS = 10_000
const shown = ref(false)
const best = shallowRef<readonly Solved[]>([])
const { part, failed, ask, cancel } = useWorker<RoofSolver>(
  () => new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' }),
)

const { rules, state, opened } = useTable(roofTiles, () => tape)
const layouts = computed(() => state.value.layouts)
const over = computed(() => tape.state.result !== null)
const rows = computed(() =>
  layouts.value.flatMap((layout, i) => {
    if (endOf(rules.value, layout) !== null) return []
    const takes = takesOf(rules.value, layout).map(({ tiles, turned }) =>
      [
        ...tiles.map((tile) => layout.cards[tile]),
        ...(turned ? [`the turned ${inReach(rules.value, layout)}`] : []),
      ].join(' + '),
    )
    return [{ name: seats[i]!.name, takes, hopeless: hopelessCard(rules.value, layout) }]
  }),
)
watch(
  () => tape.state,
  () => {
    shown.value = false
    best.value = []
  },
)

async function findBest() {
  const found: Solved[] = []
  for (const layout of opened.value.layouts) {
    const deal = plain({ cards: layout.cards, stock: layout.order ?? [] })
    const solved = await ask((remote, tell) => remote.solve(plain(rules.value), deal, MOST_MS, tell))
    if (!solved) return
    found.push(solved)
  }
  best.value = found
}
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <Key v-if="!over" :aria-pressed="shown" @click="shown = !shown"
        ><UIcon name="i-lucide-eye" class="size-5" /> What can be taken</Key
      >
      <Key v-if="over && tape.table.source === 'dealt' && !part && !best.length" @click="findBest"
        ><UIcon name="i-lucide-search" class="size-5" /> The best there was</Key
      >
    </div>
    <WorkUnderWay :part="part" :failed="failed" doing="Searching" broke="The search broke off" @stop="cancel" />
    <ul v-if="best.length" role="status">
      <li v-for="(solved, i) in best" :key="i">
        {{ seats[i]!.name }}:
        {{ solved.left === 0 ? 'this roof could have been cleared' : `${solved.left} was the least that could be left`
        }}{{ solved.finished ? '' : ' (as far as the search got)' }}.
      </li>
    </ul>
    <ul v-if="shown" class="space-y-1">
      <li v-for="row in rows" :key="row.name">
        <b>{{ row.name }}:</b> <span class="figures">{{ row.takes.length ? list(row.takes) : 'nothing now' }}</span>
        <span v-if="row.hopeless !== null" class="text-(--call) font-semibold">
          · can’t be cleared any more: nothing is left for the {{ row.hopeless }}</span
        >
      </li>
    </ul>
  </div>
</template>
