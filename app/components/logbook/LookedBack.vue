<script setup lang="ts">
import { matchName, matchTitle } from '#core/games/titles'
import { sayCell } from '#core/wording/mastery'
import type { Day, ListedMatch } from '#shared/api'

/** A day or a session in one page: who played what, what was practised, what is shaky, what was remarked, what to play next time. */
const { day } = defineProps<{ day: Day }>()

type Child = Day['children'][number]
const COLUMNS = [
  { id: 'name', label: 'Name', value: ({ person }: Child) => person.name.toLowerCase(), words: true },
  { id: 'matches', label: 'Matches', value: ({ matches }: Child) => matches },
  { id: 'won', label: 'Won', value: ({ won: times }: Child) => times },
  { id: 'facts', label: 'Facts', value: ({ facts }: Child) => facts },
  { id: 'longer', label: 'Longer sums', value: ({ longer }: Child) => longer },
  { id: 'right', label: 'Answers right', value: ({ right, said }: Child) => (said ? right / said : -1) },
  { id: 'shaky', label: 'Shaky', value: ({ shaky }: Child) => shaky.length, words: true },
]
const all = computed(() => [...new Set(day.children.flatMap(({ shaky }) => shaky))])
const tableOf = (id: string) => day.matches.find((match) => match.id === id)
const won = ({ summary }: ListedMatch, seat: number) => summary.result?.winners.includes(seat) ?? false
useHead({ style: [{ key: 'paper', innerHTML: '@page { margin: 12mm }' }] })
</script>

<template>
  <div class="space-y-5">
    <section class="sheet p-4 space-y-2 block-of" aria-labelledby="played">
      <h2 id="played" class="text-xl font-bold">Played</h2>
      <ul class="divide-y divide-(--rule)">
        <li v-for="match in day.matches" :key="match.id" class="py-1.5 flex flex-wrap items-baseline gap-x-4">
          <NuxtLink :to="`/match/${match.id}`" class="font-bold underline underline-offset-4 decoration-(--rule)">{{
            matchName(match)
          }}</NuxtLink>
          <span v-if="match.name" class="text-(--ink-soft)">{{ matchTitle(match) }}</span>
          <span v-for="(seat, i) in match.seats" :key="i" :class="{ 'font-bold': won(match, i + 1) }"
            >{{ seat.name }} <span class="figures">{{ minus(match.summary.standing[i] ?? 0) }}</span>{{
              won(match, i + 1) ? ' won' : ''
            }}</span
          >
          <span v-if="!match.over" class="text-(--ink-soft)">not finished</span>
        </li>
      </ul>
    </section>
    <section v-if="day.children.length" class="sheet p-4 block-of" aria-labelledby="children">
      <h2 id="children" class="text-xl font-bold">Each child</h2>
      <ListTable :rows="day.children" :columns="COLUMNS" label="Each child in numbers">
        <template #name="{ row }">
          <NuxtLink :to="`/people/${row.person.id}`" class="underline underline-offset-4 decoration-(--rule)">{{
            row.person.name
          }}</NuxtLink>
        </template>
        <template #right="{ row }">{{ row.said ? `${row.right} of ${row.said}` : '–' }}</template>
        <template #shaky="{ row }"
          >{{ row.shaky.slice(0, 6).map(sayCell).join(', ') || '–' }}{{ row.shaky.length > 6 ? ' …' : '' }}</template
        >
      </ListTable>
    </section>
    <section v-if="day.remarks.length" class="sheet p-4 space-y-1 block-of" aria-labelledby="remarks">
      <h2 id="remarks" class="text-xl font-bold">Remarked</h2>
      <ul class="list-disc pl-5">
        <li v-for="(remark, i) in day.remarks" :key="i">
          <span v-if="tableOf(remark.match)" class="font-semibold">{{ matchName(tableOf(remark.match)!) }}:</span>
          {{ remark.why }}
        </li>
      </ul>
    </section>
    <section v-if="day.children.length" class="sheet p-4 space-y-2 block-of" aria-labelledby="next">
      <h2 id="next" class="text-xl font-bold">Next time</h2>
      <p v-if="all.length">To practise what is shaky for these children:</p>
      <PlayNext :wished="all" :names="[]" />
    </section>
  </div>
</template>

<style scoped>
@media print {
  .block-of {
    border: 0;
    box-shadow: none;
    padding: 0 0 4mm;
    background: none;
    color: #1c2430;
    break-inside: avoid-page;
  }
}
</style>
