<script setup lang="ts">
import type { Columns } from '#core/contract/working'

/** A sum by place value, regrouped one column at a time from the right; the steps can be played. */
const { columns } = defineProps<{ columns: Columns }>()

/** How many columns are regrouped so far. */
const done = ref(columns.steps.length)
watch(
  () => columns,
  () => (done.value = columns.steps.length),
)
const shown = computed(() => [...columns.steps].map((step, i) => ({ ...step, i })).reverse())
const most = computed(() => Math.max(...columns.steps.map(({ cards }) => cards.length)))
const step = computed(() => columns.steps[done.value - 1])
const says = computed(() => {
  const now = step.value
  if (!now) return 'The cards as they lie.'
  const parts = [...now.cards, ...(now.carried ? [now.carried] : [])]
  const added = parts.length > 1 ? `${parts.join(' + ')} = ${now.sum}` : String(now.sum)
  return now.carry ? `${now.name}: ${added}, that is ${now.digit} and ${now.carry} to carry` : `${now.name}: ${added}`
})
</script>

<template>
  <div class="space-y-2">
    <table class="columns figures">
      <thead>
        <tr>
          <th v-for="column in shown" :key="column.i" scope="col">{{ column.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr class="carries">
          <td v-for="column in shown" :key="column.i">
            {{
              column.i < done && column.carried
                ? `+${column.carried}`
                : column.i === done && columns.steps[done]?.carried
                  ? `+${columns.steps[done]!.carried}`
                  : ''
            }}
          </td>
        </tr>
        <tr v-for="n in most" :key="n">
          <td v-for="column in shown" :key="column.i">{{ column.cards[n - 1] ?? '' }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <td v-for="column in shown" :key="column.i">{{ column.i < done ? column.digit : '·' }}</td>
        </tr>
      </tfoot>
    </table>
    <div class="flex flex-wrap items-center gap-2">
      <Key aria-label="One step back" :why="done === 0 && 'No column is added yet.'" @click="done--">
        <UIcon name="i-lucide-chevron-left" class="size-5" />
      </Key>
      <Key aria-label="One step on" :why="done === columns.steps.length && 'All columns are added.'" @click="done++">
        <UIcon name="i-lucide-chevron-right" class="size-5" />
      </Key>
      <span role="status">{{ says }}</span>
    </div>
    <BaseTen v-if="done === columns.steps.length" :values="[]" :total="columns.total" />
  </div>
</template>

<style scoped>
.columns th {
  font: 600 0.8rem var(--font-sans);
  color: var(--ink-soft);
}
.columns td,
.columns th {
  padding: 0.05rem 0.9rem;
  text-align: center;
}
.columns td {
  font-size: 1.4rem;
}
.carries td {
  font-size: 0.9rem;
  color: var(--accent);
  font-weight: 700;
  height: 1.3rem;
}
tfoot td {
  border-top: 3px solid var(--ink);
  font-weight: 800;
}
</style>
