<script setup lang="ts">
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js'
import { Bar, Line } from 'vue-chartjs'
import type { Week } from '#shared/api'

/** What is seen sooner than read: matches a week, right answers, time a play; the numbers stand beside. */
const { weeks } = defineProps<{ weeks: readonly Week[] }>()
Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
)

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name)
const mode = useColorMode()
const labels = computed(() => weeks.map(({ week }) => weekFrom(week)))
const COLUMNS = [
  { id: 'week', label: 'Week of', value: ({ week }: Week) => week, words: true },
  { id: 'matches', label: 'Matches', value: ({ matches }: Week) => matches },
  { id: 'said', label: 'Answers', value: ({ said }: Week) => said },
  { id: 'right', label: 'Right', value: ({ right }: Week) => right },
  { id: 'pace', label: 'Seconds a play', value: ({ pace }: Week) => pace ?? -1 },
]
const share = ({ said, right }: Week) => (said ? Math.round((100 * right) / said) : null)
const colours = computed(() => ({
  mode: mode.value,
  bar: colour('--accent'),
  line: colour('--stands'),
  grid: colour('--rule'),
  text: colour('--ink'),
}))
const options = computed(() => ({
  animation: false as const,
  responsive: true,
  maintainAspectRatio: false,
  scales: {
    x: { ticks: { color: colours.value.text }, grid: { display: false } },
    y: { beginAtZero: true, ticks: { color: colours.value.text, precision: 0 }, grid: { color: colours.value.grid } },
  },
}))
const matches = computed(() => ({
  labels: labels.value,
  datasets: [
    {
      label: 'Matches',
      data: weeks.map((week) => week.matches),
      maxBarThickness: 40,
      backgroundColor: colours.value.bar,
    },
  ],
}))
const line = (label: string, data: (number | null)[], dashed = false) => ({
  labels: labels.value,
  datasets: [
    {
      label,
      data,
      borderColor: dashed ? colours.value.bar : colours.value.line,
      pointRadius: 4,
      borderDash: dashed ? [6, 4] : [],
      spanGaps: true,
    },
  ],
})
const right = computed(() => line('Right of 100', weeks.map(share)))
const pace = computed(() =>
  line(
    'Seconds a play',
    weeks.map((week) => week.pace),
    true,
  ),
)
</script>

<template>
  <div class="space-y-3">
    <div class="grid gap-4 md:grid-cols-3">
      <figure>
        <figcaption class="font-semibold">Matches a week</figcaption>
        <div class="h-44">
          <Bar :data="matches" :options="options" aria-label="Matches a week, as in the table" role="img" />
        </div>
      </figure>
      <figure>
        <figcaption class="font-semibold">Right answers of 100</figcaption>
        <div class="h-44">
          <Line :data="right" :options="options" aria-label="Right answers of 100, as in the table" role="img" />
        </div>
      </figure>
      <figure>
        <figcaption class="font-semibold">Seconds a play</figcaption>
        <div class="h-44">
          <Line :data="pace" :options="options" aria-label="Seconds a play, as in the table" role="img" />
        </div>
      </figure>
    </div>
    <Fold label="The numbers">
      <ListTable :rows="weeks" :columns="COLUMNS" label="Weeks in numbers" class="mt-2">
        <template #week="{ row }">{{ weekFrom(row.week) }}</template>
        <template #pace="{ row }">{{ row.pace ?? '–' }}</template>
      </ListTable>
    </Fold>
  </div>
</template>
