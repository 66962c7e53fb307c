<script setup lang="ts">
import { comparePairs } from '#core/lab/pair'
import { reportOf } from '#core/lab/report'
import type { LabAnswer, LabQuestion } from '#core/lab/run'
import { sorted } from '#core/lab/statistics'
import { TENTHS, type Histogram, type Tally } from '#core/lab/tally'
import { sayComparison, sayReport } from '#core/lab/wording'
import { figure, tenth } from '#core/basics/words'

/** What came out: the verdict on A and B, sentences, charts with their numbers, the facts. */
const { answer, question } = defineProps<{ answer: LabAnswer; question: LabQuestion }>()

const sides = computed(() => [answer.a, ...(answer.b ? [answer.b] : [])])
const names = computed(() => (answer.b ? ['Rules A', 'Rules B'] : ['Matches']))
const reports = computed(() => sides.value.map((tally) => reportOf(tally, question.pace)))
const said = computed(() => reports.value.map((report) => sayReport(report, question.players)))
const verdict = computed(() =>
  answer.pairs && reports.value[0]!.matches > 1
    ? sayComparison(
        comparePairs(answer.pairs, question.pace, question.players.length),
        reports.value[0]!,
        question.players,
      )
    : [],
)
const share = (n: number, tally: Tally) => (100 * n) / Math.max(1, tally.matches)

/** A histogram in at most so many bars of the same width, both sides by the same bounds. */
const BARS = 16
function bars(of: (tally: Tally) => Histogram, scale = 1, most = BARS) {
  const rows = sides.value.map((tally) => sorted(of(tally)).map(([value, count]) => [value * scale, count] as const))
  const values = rows.flatMap((side) => side.map(([value]) => value))
  if (!values.length) return []
  const [low, high] = [Math.floor(Math.min(...values)), Math.ceil(Math.max(...values))]
  const width = Math.max(1, Math.ceil((high - low + 1) / most))
  const count = Math.ceil((high - low + 1) / width)
  const all = rows.map((side) =>
    Math.max(
      1,
      side.reduce((sum, [, n]) => sum + n, 0),
    ),
  )
  return Array.from({ length: count }, (_, i) => {
    const from = low + i * width
    const label = width === 1 ? figure(from) : `${figure(from)}–${figure(from + width - 1)}`
    return {
      label,
      values: rows.map(
        (side, s) =>
          (100 * side.reduce((sum, [value, n]) => sum + (value >= from && value < from + width ? n : 0), 0)) / all[s]!,
      ),
    }
  })
}
const lengths = computed(() => bars(({ plays }) => plays, question.pace / 60))
const scores = computed(() => bars(({ scores: each }) => each))
const changes = computed(() => bars((tally) => tally.changes, 1, 12))
const places = computed(() =>
  question.players.map((_, place) => ({
    label: place ? `Player ${place + 1}` : 'Begins',
    values: reports.value.map(({ wins }) => 100 * wins[place]!.value),
  })),
)
const decided = computed(() =>
  Array.from({ length: TENTHS }, (_, i) => ({
    label: `${i * 10}–${i * 10 + 10} %`,
    values: sides.value.map((tally) => share(tally.decided[i]!, tally)),
  })),
)
/** Of one match nothing is known of how far it may be off. */
const bound = (n: number) => (Number.isFinite(n) ? tenth(n) : '?')
</script>

<template>
  <div class="space-y-5">
    <section v-if="verdict.length" class="sheet p-4 space-y-1 verdict" aria-labelledby="verdict">
      <h2 id="verdict" class="text-xl font-bold">A against B</h2>
      <p v-for="sentence in verdict" :key="sentence" class="text-lg">{{ sentence }}</p>
    </section>
    <div class="grid gap-4 grid-cols-1" :class="{ 'lg:grid-cols-2': reports.length > 1 }">
      <section v-for="(report, i) in reports" :key="i" class="sheet p-4 space-y-1" :aria-label="names[i]">
        <h2 class="text-xl font-bold">{{ reports.length > 1 ? names[i] : 'What came out' }}</h2>
        <ul class="list-disc pl-5">
          <li v-for="sentence in said[i]" :key="sentence">{{ sentence }}</li>
        </ul>
      </section>
    </div>
    <div class="grid gap-4 grid-cols-1 lg:grid-cols-2">
      <LabChart title="Length" unit="Minutes" :rows="lengths" :names="names" :says="said[0]![0] ?? ''" />
      <LabChart
        v-if="question.players.length > 1"
        title="Who wins"
        unit="Place in the order"
        :rows="places"
        :names="names"
        :says="said[0]![1] ?? ''"
      />
      <LabChart
        v-if="question.players.length > 1"
        title="How early it is decided"
        unit="Part of the match after which the winner led for good"
        :rows="decided"
        :names="names"
        :says="said[0]![3] ?? ''"
      />
      <LabChart
        v-if="question.players.length > 1"
        title="Lead changes"
        unit="In a match"
        :rows="changes"
        :names="names"
        says="How often somebody else took the lead."
      />
      <LabChart
        title="Scores"
        unit="At the end"
        :rows="scores"
        :names="names"
        says="Scores of all players at the end."
      />
      <section class="sheet p-4 space-y-2" aria-labelledby="practised">
        <h2 id="practised" class="font-bold">Number facts a match</h2>
        <table class="w-full text-right">
          <thead>
            <tr>
              <th scope="col" class="text-left">Who</th>
              <th v-for="name in names" :key="name" scope="col">{{ name }}</th>
            </tr>
          </thead>
          <tbody class="figures">
            <tr v-for="(_, place) in question.players" :key="place">
              <th scope="row" class="text-left">{{ place ? `Player ${place + 1}` : 'Begins' }}</th>
              <td v-for="(side, i) in reports" :key="i">
                {{ tenth(side.facts[place]!.value) }}
                <span class="text-(--ink-soft)"
                  >({{ bound(side.facts[place]!.low) }} to {{ bound(side.facts[place]!.high) }})</span
                >
              </td>
            </tr>
            <tr>
              <th scope="row" class="text-left">Each in ten minutes</th>
              <td v-for="(side, i) in reports" :key="i">{{ tenth(side.factsInTen) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <LabHeat v-for="(tally, i) in sides" :key="i" :tally="tally" :label="answer.b ? `rules ${i ? 'B' : 'A'}` : ''" />
    </div>
  </div>
</template>

<style scoped>
.verdict {
  border-left: 0.6rem solid var(--accent);
}
</style>
