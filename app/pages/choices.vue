<script setup lang="ts">
/** The choice board: who has played what how often, to choose by, and to print and hang up. */
const { people, shown, chosen, rows, filter, ready, failed, load, show, toggle } = useChoices()

const FILTERS = [
  { value: 'all', label: 'All games' },
  { value: 'not-yet', label: 'Not yet' },
  { value: 'only-once', label: 'Only once' },
] as const
const names = computed(() => chosen.value.map(({ name }) => name))
const print = () => window.print()
useHead({
  title: 'Choice board · Nimble Tally',
  style: [{ key: 'paper', innerHTML: '@page { size: landscape; margin: 8mm }' }],
})
</script>

<template>
  <div class="space-y-4 min-w-0">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">Choice board</h1>
      <Key
        class="print:hidden"
        :why="(!rows.length || !people.length) && 'There is nothing to print yet.'"
        @click="print()"
        ><UIcon name="i-lucide-printer" class="size-5" /> Print it</Key
      >
    </header>
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap items-center gap-3">
      {{ failed }} <Key @click="load()">Try again</Key>
    </p>
    <Awaited v-else-if="!ready" says="Counting …" />
    <template v-else-if="people.length">
      <div class="flex flex-wrap gap-2 print:hidden" role="group" aria-label="Whom">
        <PersonKeys :people="people" :chosen="(person) => chosen.includes(person)" @toggle="toggle" />
      </div>
      <ChoiceRow
        class="print:hidden"
        :model-value="filter"
        label="Which games"
        :choices="FILTERS"
        quiet
        @update:model-value="show($event)"
      />
      <div
        class="sheet relative overflow-x-auto print:overflow-visible print:border-0 print:shadow-none"
        tabindex="0"
        role="region"
        aria-label="Times played"
      >
        <table class="w-full">
          <thead>
            <tr>
              <th scope="col" class="text-left">Game</th>
              <th v-for="person in shown" :key="person.id" scope="col" class="who">
                <span>{{ person.name }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ id, about, cells } in rows" :key="id">
              <th scope="row" class="text-left">
                <NuxtLink
                  :to="newMatchPath({ game: id, names })"
                  class="underline underline-offset-4 decoration-(--rule)"
                  >{{ about.title }}</NuxtLink
                >
                <NuxtLink :to="learnPath('watch', id)" class="watch print:hidden" :aria-label="`Watch ${about.title}`"
                  ><UIcon name="i-lucide-clapperboard" class="size-5"
                /></NuxtLink>
              </th>
              <td
                v-for="{ person, choice } in cells"
                :key="person.id"
                :class="{ none: !choice, once: choice?.times === 1 }"
                :title="choice && `Last on ${shortDay(choice.last)}`"
              >
                <span v-if="choice" class="figures">{{ choice.times }}</span><span v-else
                  ><span aria-hidden="true">·</span><span class="sr-only">not yet</span></span
                >
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="!rows.length" class="p-4">No game is left with this filter.</p>
      </div>
    </template>
    <div v-else class="sheet p-8 text-center space-y-3">
      <p class="text-lg">Nobody is known here yet. Names that are remembered with a match are counted from then on.</p>
      <Key main to="/new">New match</Key>
    </div>
  </div>
</template>

<style scoped>
.watch {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-width: 2.75rem;
  min-height: 2.75rem;
  vertical-align: middle;
}
th,
td {
  padding: 0.35rem 0.6rem;
  border-bottom: 1px solid var(--rule);
}
td {
  text-align: center;
  min-width: 3.2rem;
}
thead th {
  vertical-align: bottom;
}
tbody th {
  white-space: nowrap;
  position: sticky;
  left: 0;
  background: var(--sheet);
}
td span.figures {
  font-size: 1.15rem;
  font-weight: 700;
}
.once span.figures {
  display: inline-grid;
  place-items: center;
  width: 2rem;
  height: 2rem;
  border: 2px solid var(--accent);
  border-radius: 50%;
}
.none {
  color: var(--ink-soft);
}
@media (max-width: 40rem) {
  tbody th {
    position: static;
    white-space: normal;
  }
}
@media print {
  th,
  td {
    padding: 1mm 1.5mm;
    font-size: 10pt;
    color: #1c2430;
    background: none;
  }
  .who span {
    writing-mode: vertical-rl;
  }
  td {
    min-width: 0;
  }
}
</style>
