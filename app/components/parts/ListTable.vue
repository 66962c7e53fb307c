<script setup lang="ts" generic="Row extends object">
import type { TableColumn } from '@nuxt/ui'

/** A list that grows: its head stays in sight, and a touch on a column sorts by it. */
const { rows, columns, label } = defineProps<{
  rows: readonly Row[]
  label: string
  columns: readonly {
    readonly id: string
    readonly label: string
    /** What it is sorted by, and shown where no slot of its name shows it. */
    readonly value: (row: Row) => string | number
    /** Words begin at the left, numbers stand in the middle. */
    readonly words?: boolean
  }[]
}>()

const sorting = ref<{ id: string; desc: boolean }[]>([])
const made = computed<TableColumn<Row>[]>(() =>
  columns.map(({ id, label: header, value, words = false }) => ({
    id,
    header,
    accessorFn: value,
    // Numbers that matter are the large ones: those come first.
    sortDescFirst: !words,
    meta: { class: { th: words ? 'text-left' : 'text-center', td: words ? 'text-left' : 'text-center figures' } },
  })),
)
const SIGNS = { asc: 'i-lucide-arrow-up', desc: 'i-lucide-arrow-down' }
const says = (name: string, now: false | 'asc' | 'desc') =>
  `Sort by ${name.toLowerCase()}${now ? `, now ${now === 'asc' ? 'from the least' : 'from the most'}` : ''}`
</script>

<template>
  <UTable v-model:sorting="sorting" :data="[...rows]" :columns="made" sticky :caption="label">
    <template v-for="{ id, label: name } in columns" :key="id" #[`${id}-header`]="{ column }">
      <UButton
        variant="words"
        :aria-label="says(name, column.getIsSorted())"
        class="px-0 no-underline hover:underline"
        @click="column.toggleSorting()"
        >{{ name }}
        <UIcon v-if="column.getIsSorted()" :name="SIGNS[column.getIsSorted() as 'asc' | 'desc']" class="size-4"
      /></UButton>
    </template>
    <template v-for="{ id } in columns.filter((each) => $slots[each.id])" :key="id" #[`${id}-cell`]="{ row }">
      <slot :name="id" :row="row.original" />
    </template>
  </UTable>
</template>
