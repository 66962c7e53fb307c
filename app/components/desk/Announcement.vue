<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { bestNow, standing } from '#core/kernel/match'
import { progressNow } from '#core/kernel/progress'
import type { Tape } from '#core/kernel/tape'
import { relation } from '#core/contract/working'
import { sayEnded, sayEntry, sayWhy, sayWinners } from '#core/wording/index'
import type { GameView } from '~/games/view'
import type { MatchStore } from '~/stores/match'
import type { Seat } from '#shared/api'

/** Who won, by what, and how the end came; and once more with the same people and rules. */
const { store, tape, seats, view } = defineProps<{
  store: MatchStore
  tape: Tape
  seats: readonly Seat[]
  view: GameView
}>()

const desk = useDesk()
const result = computed(() => tape.state.result!)
const scores = computed(() => standing(tape.table, tape.state))
const alone = computed(() => seats.length === 1)
const winners = computed(() => result.value.winners.map((seat) => ofSeat(seats, seat)))
const names = computed(() => winners.value.map(({ name }) => name))
const headline = computed(() => {
  if (alone.value) return `${names.value[0]} has ${minus(scores.value[0]!)}`
  return sayWinners(names.value)
})
/** Everyone from best to least, with the sign between neighbours: 98 > 94 > 89. */
const ranking = computed(() => {
  const { rules } = tape.state
  const by = bestNow(tape.table, tape.state)
  const worth = (score: number) =>
    by === 'nearest' ? -Math.abs((tape.table.game.goal?.(rules) ?? 0) - score) : by === 'fewest' ? -score : score
  const rows = seats.map((seat, i) => ({ seat, score: scores.value[i]!, won: result.value.winners.includes(i + 1) }))
  return rows.sort((a, b) => Number(b.won) - Number(a.won) || worth(b.score) - worth(a.score))
})
const decided = computed(() => {
  if (result.value.ended) return sayEnded(tape.table, result.value, alone.value)
  if (tape.state.timeCalled) return `Time was up, and the round was played to its end. ${byRule.value}`.trim()
  return byRule.value
})
const byRule = computed(() => {
  const round = progressNow(tape.table, tape.state)
  if (round && round.extra > 0)
    return `Level after ${round.of} ${round.unit}s; ${round.extra === 1 ? `an extra ${round.unit}` : `${round.extra} extra ${round.unit}s`} decided.`
  if (result.value.shared) return 'Level at the end: by the house rule all who are level win.'
  return alone.value ? '' : `${sayWhy(tape.table, result.value)}, as agreed.`
})
/** What the referee ruled, and remarks: the result stands on them. */
const rulings = computed(() =>
  tape.lines
    .filter(
      ({ struck, verdict, entry }) =>
        !struck &&
        verdict.stands &&
        (entry.kind === 'rules' ||
          entry.kind === 'award' ||
          entry.kind === 'on-paper' ||
          (entry.kind === 'call' && (entry.call === 'note' || entry.call === 'chart'))),
    )
    .map((line) => ({ number: line.number, says: sayEntry(tape.table, line) })),
)
</script>

<template>
  <section class="sheet p-5 sm:p-7 space-y-5" aria-label="Announcement">
    <div class="flex flex-wrap items-center gap-4">
      <span class="flex flex-wrap -space-x-2"
        ><Pennant v-for="(seat, i) in winners" :key="i" :number="seat.pennant" size="4.5rem" class="wave"
      /></span>
      <div>
        <h2 class="text-4xl sm:text-5xl font-extrabold leading-tight">{{ headline }}</h2>
        <p class="text-lg text-(--ink-soft)">{{ decided }}</p>
      </div>
    </div>
    <ol v-if="!alone" class="flex flex-wrap items-center gap-x-3 gap-y-2 text-2xl" aria-label="Final comparison">
      <template v-for="(row, i) in ranking" :key="i">
        <li v-if="i" class="figures font-bold" aria-hidden="true">{{ relation(ranking[i - 1]!.score, row.score) }}</li>
        <li class="flex items-center gap-2">
          <Pennant :number="row.seat.pennant" size="1.5rem" />
          <span>{{ row.seat.name }}</span>
          <b class="figures text-3xl">{{ minus(row.score) }}</b>
        </li>
      </template>
    </ol>
    <BestYetList v-if="!desk.helping.value && store.match" :match="store.match.id" :seats="seats" />
    <GoOn v-if="!desk.helping.value" :tape="tape" :store="store" />
    <component :is="view.Recap" v-if="!tape.state.reached" :tape="tape" :seats="seats" />
    <AfterCard :tape="tape" />
    <section v-if="rulings.length" class="space-y-1">
      <h3 class="font-bold">Ruled on the way</h3>
      <ul class="list-disc pl-5">
        <li v-for="ruling in rulings" :key="ruling.number">{{ ruling.says }}</li>
      </ul>
    </section>
    <p v-if="tape.table.source === 'dealt' && !tape.state.reached" class="text-sm text-(--ink-soft)">
      The app dealt from the seed <b class="figures text-(--ink)">{{ tape.table.seed }}</b>. Whoever doubts it: the
      match file with this seed is judged again anywhere, and every play that the seed did not bring is named.
    </p>
    <p v-if="desk.helping.value" class="text-lg font-semibold">
      The referee sets up the next match; this page goes along by itself.
    </p>
    <template v-else-if="store.match">
      <NextStep :tape="tape" :match="store.match.id" />
      <PlayAgain :match="store.match" class="again" />
    </template>
  </section>
</template>

<style scoped>
/* In sight however long the announcement is, down to the sheet's own edge: nothing looks out below. */
.again {
  --edge: 1.25rem;
  position: sticky;
  bottom: calc(-1 * var(--edge));
  margin-bottom: calc(-1 * var(--edge));
  padding: 0.6rem 0 calc(0.6rem + var(--edge) / 2);
  flex-wrap: nowrap;
  overflow-x: auto;
  white-space: nowrap;
  background: var(--sheet);
  border-top: 1px solid var(--rule);
}
/* What doesn't fit in a line is scrolled to, and not pressed together. */
.again :deep(.key) {
  flex-shrink: 0;
}
@media (min-width: 40rem) {
  .again {
    --edge: 1.75rem;
  }
}
.wave {
  transform-origin: left;
  animation: wave 1.2s ease-in-out 3;
}
@keyframes wave {
  50% {
    transform: skewY(6deg);
  }
}
</style>
