<script setup lang="ts">
import { capital } from '#core/basics/words'
import { cellsOf, keyOfAim, MOST_AIMS, type Aim } from '#core/mastery/aims'
import type { CellKey } from '#core/mastery/cells'
import type { Mastery } from '#core/mastery/mastery'
import { sayAim } from '#core/wording/mastery'

/** What a child works on, set by touch, and how far it is. */
const { aims, mastery } = defineProps<{ aims: readonly Aim[]; mastery: ReadonlyMap<CellKey, Mastery> }>()
const emit = defineEmits<{ change: [aims: readonly Aim[]] }>()

const kind = ref<Aim['kind']>('table')
const KINDS = [
  { value: 'table', label: 'A table' },
  { value: 'sums', label: 'Sums to' },
  { value: 'target', label: 'Pairs that make' },
] as const satisfies readonly { value: Aim['kind']; label: string }[]
const NUMBERS: Readonly<Record<Aim['kind'], readonly number[]>> = {
  table: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
  sums: [5, 10, 15, 20, 24],
  target: [5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 20],
}
const offered = computed(() =>
  NUMBERS[kind.value].map((n): Aim => (kind.value === 'sums' ? { kind: 'sums', to: n } : { kind: kind.value, of: n })),
)
const has = (aim: Aim) => aims.some((each) => keyOfAim(each) === keyOfAim(aim))
const toggle = (aim: Aim) =>
  emit('change', has(aim) ? aims.filter((each) => keyOfAim(each) !== keyOfAim(aim)) : [...aims, aim])
const told = computed(() =>
  aims.map((aim) => {
    const cells = cellsOf(aim)
    const sure = cells.filter((key) => mastery.get(key)?.status === 'sure').length
    return { aim, key: keyOfAim(aim), sure, all: cells.length }
  }),
)
</script>

<template>
  <section class="sheet p-4 space-y-3" aria-labelledby="aims">
    <h2 id="aims" class="text-xl font-bold">Working on</h2>
    <ul v-if="told.length" class="space-y-1">
      <li v-for="{ aim, key, sure, all } in told" :key="key" class="flex items-center gap-3">
        <span class="grow"
          ><b>{{ capital(sayAim(aim)) }}</b
          >: {{ sure }} of {{ all }} sure</span
        >
        <Key :aria-label="`No longer ${sayAim(aim)}`" @click="toggle(aim)"
          ><UIcon name="i-lucide-x" class="size-5"
        /></Key>
      </li>
    </ul>
    <p v-else>Nothing is set: touch what comes next.</p>
    <template v-if="told.length < MOST_AIMS">
      <ChoiceRow v-model="kind" label="What to work on" quiet :choices="KINDS" />
      <div class="flex flex-wrap gap-1.5">
        <Key
          v-for="aim in offered"
          :key="keyOfAim(aim)"
          :aria-pressed="has(aim)"
          :aria-label="capital(sayAim(aim))"
          @click="toggle(aim)"
          >{{ aim.kind === 'sums' ? aim.to : aim.of }}</Key
        >
      </div>
    </template>
    <p v-else class="text-sm text-(--ink-soft)">{{ MOST_AIMS }} at a time are enough.</p>
  </section>
</template>
