<script setup lang="ts">
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js'
import { Bar } from 'vue-chartjs'
import Papa from 'papaparse'
import { tenth } from '#core/basics/words'

interface Row {
  readonly label: string
  readonly values: readonly number[]
}

/** Bars of A and B side by side, with the table of their numbers beside it and as CSV. */
const { title, unit, rows, names, says } = defineProps<{
  title: string
  /** What the rows count by. */
  unit: string
  /** A row a bar: its label, and a number a side. */
  rows: readonly Row[]
  names: readonly string[]
  /** What the chart shows, in a sentence. */
  says: string
}>()
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name)
const mode = useColorMode()
const colours = computed(() => ({
  mode: mode.value,
  sides: [colour('--accent'), colour('--call')],
  grid: colour('--rule'),
  text: colour('--ink'),
}))
const data = computed(() => ({
  labels: rows.map(({ label }) => label),
  datasets: names.map((name, side) => ({
    label: name,
    data: rows.map(({ values }) => values[side] ?? 0),
    backgroundColor: side ? 'transparent' : colours.value.sides[side],
    // B is told by its outline, and only then by its colour.
    borderColor: colours.value.sides[side],
    borderWidth: side ? 3 : 0,
    maxBarThickness: 40,
  })),
}))
const options = computed(() => ({
  animation: false as const,
  responsive: true,
  maintainAspectRatio: false,
  plugins: { legend: { display: names.length > 1, labels: { color: colours.value.text } } },
  scales: {
    x: {
      title: { display: true, text: unit, color: colours.value.text },
      ticks: { color: colours.value.text },
      grid: { display: false },
    },
    y: {
      beginAtZero: true,
      ticks: { color: colours.value.text, callback: (value: number | string) => `${value} %` },
      grid: { color: colours.value.grid },
    },
  },
}))
const columns = computed(() => [
  { id: 'label', label: unit, value: (row: Row) => row.label, words: true },
  ...names.map((name, side) => ({
    id: `side-${side}`,
    label: `${name}, %`,
    value: (row: Row) => Math.round((row.values[side] ?? 0) * 10) / 10,
  })),
])
const csv = computed(() => {
  const table = Papa.unparse({
    fields: [unit, ...names.map((name) => `${name} (%)`)],
    data: rows.map(({ label, values }) => [label, ...values.map(tenth)]),
  })
  return `data:text/csv;charset=utf-8,${encodeURIComponent(`${table}\r\n`)}`
})
const file = computed(() => `${title.toLowerCase().replaceAll(/[^a-z]+/g, '-')}.csv`)
</script>

<template>
  <figure class="sheet p-4 space-y-2">
    <figcaption class="font-bold">{{ title }}</figcaption>
    <div class="h-52">
      <Bar :data="data" :options="options" role="img" :aria-label="`${title}. ${says} The numbers are in the table.`" />
    </div>
    <div class="flex flex-wrap gap-2 items-start">
      <Fold label="The numbers" class="grow">
        <ListTable :rows="rows" :columns="columns" :label="`${title} in numbers`" class="max-h-72 mt-2" />
      </Fold>
      <Key :file="csv" :download="file"><UIcon name="i-lucide-sheet" class="size-5" /> CSV</Key>
    </div>
  </figure>
</template>
