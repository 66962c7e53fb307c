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
    <details>
      <summary class="key">The numbers</summary>
      <div class="overflow-x-auto relative" tabindex="0" role="region" aria-label="Weeks in numbers">
        <table class="w-full text-right mt-2">
          <thead>
            <tr>
              <th scope="col" class="text-left">Week of</th>
              <th scope="col">Matches</th>
              <th scope="col">Answers</th>
              <th scope="col">Right</th>
              <th scope="col">Seconds a play</th>
            </tr>
          </thead>
          <tbody class="figures">
            <tr v-for="(week, i) in weeks" :key="week.week">
              <th scope="row" class="text-left">{{ labels[i] }}</th>
              <td>{{ week.matches }}</td>
              <td>{{ week.said }}</td>
              <td>{{ week.right }}</td>
              <td>{{ week.pace ?? '–' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  </div>
</template>
