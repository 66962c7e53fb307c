<script setup lang="ts">
import { titleOf } from '#core/contract/game'
import { CARDS, LETTER } from '#core/print/forGame'
import { classesAmong, ofClass } from '#core/room/classes'
import { count } from '#core/basics/words'
import { PAPERS, type Paper } from '#core/contract/sheet'
import { loadView } from '~/games'

/** Boards, score sheets, cards, a letter home: from the rules as agreed, page by page as the printer brings them. */

const route = useRoute()
const view = await loadView(String(route.params.game))
const failed = ref<string | null>(null)
const match = await matchToPrint(route.query.match).catch((error: unknown) => {
  failed.value = saysOf(error)
  return null
})
const printing = view && !failed.value && (!match || match.game === view.game.id) ? usePrinting(view, match) : null
/** Names on the sheets that children keep: of a class, of everybody, or a line to write on. */
const { people } = usePeople()
const NOBODY = 'nobody'
const EVERYBODY = 'everybody'
const whose = ref(NOBODY)
const names = computed(() =>
  whose.value === NOBODY
    ? []
    : ofClass(people.value, whose.value === EVERYBODY ? '' : whose.value.slice(1)).map(({ name }) => name),
)
const whom = computed(() => [
  {
    items: [
      { value: NOBODY, label: 'A line to write on' },
      { value: EVERYBODY, label: 'Everybody, one each' },
      ...classesAmong(people.value).map((name) => ({ value: `=${name}`, label: `${name}, one each` })),
    ],
  },
])
const pages = computed(() =>
  (printing?.sheets.value ?? []).flatMap(({ id, title, copies, keeps, pages }) => {
    const each = keeps && names.value.length ? names.value : Array.from({ length: copies }, () => '')
    return each.flatMap((name, copy) =>
      pages.map((page, i) => ({
        key: `${id}-${copy}-${i}`,
        ...{ title, page, keeps, name },
        number: i + 1,
        total: pages.length,
      })),
    )
  }),
)
const isKept = computed(() => printing?.sheets.value.some(({ keeps }) => keeps))
const hasLetter = computed(() => printing?.sheets.value.some(({ id }) => id === LETTER))
const paper = computed<Paper>(() => printing?.wishes.value.paper ?? 'a4')
const called = computed(() => (view ? titleOf(view.game.about, printing?.setup.named.value ?? {}) : ''))
const heading = (title: string) => `${called.value} · ${title}`

const FACES = [
  { value: 'figure', label: 'Figure' },
  { value: 'dots', label: 'Dots' },
  { value: 'frames', label: 'Ten-frames' },
  { value: 'word', label: 'Word' },
] as const
const SIZES = [
  { value: 'small', label: 'Small' },
  { value: 'usual', label: 'Usual' },
  { value: 'large', label: 'Large' },
] as const
/** Everything that can be printed, and which of it is. */
const sheets = computed(() =>
  (printing?.everything.value ?? []).map(({ id, title, copies, pages }) => ({
    value: id,
    label: title,
    pages: count(pages.length, 'page', 'pages') + (copies > 1 ? ` × ${copies}` : ''),
  })),
)
const chosen = computed({
  get: () => printing?.sheets.value.map(({ id }) => id) ?? [],
  set: (ids) => {
    const now = new Set(chosen.value)
    for (const { value } of sheets.value) if (now.has(value) !== ids.includes(value)) printing?.toggle(value)
  },
})
const hasCards = computed(() => printing?.sheets.value.some(({ id }) => id === CARDS))

// Margins are those of the drawing, so that the browser prints no lines of its own.
const paperRules = computed(() => {
  const { width, height } = PAPERS[paper.value]
  return `@page { margin: 0; size: ${width}mm ${height}mm } @page sideways { size: ${height}mm ${width}mm }`
})
useHead({ title: () => `Print ${called.value} · Nimble Tally` })
const preview = useTemplateRef('preview')
const { width } = useElementSize(preview)
/** Pages are shown as large as they fit, two beside each other where there is room. */
const shown = computed(() => {
  const room = width.value > 900 ? width.value / 2 - 12 : width.value
  return room ? Math.min(1, room / ((PAPERS[paper.value].height / 25.4) * 96)) : 0.5
})
const print = () => window.print()
</script>

<template>
  <div v-if="view && printing" class="grid gap-5 lg:grid-cols-[22rem_minmax(0,1fr)] print:block">
    <section
      class="space-y-4 print:hidden lg:sticky lg:top-4 self-start lg:max-h-[calc(100dvh-2rem)] lg:overflow-y-auto"
      aria-label="What is printed"
    >
      <header>
        <NuxtLink
          :to="match ? `/match/${match.id}` : `/rulebook/${view.game.id}`"
          class="inline-flex items-center gap-1 min-h-11 underline underline-offset-4"
          ><UIcon name="i-lucide-arrow-left" /> {{ match ? 'To the table' : view.game.about.title }}</NuxtLink
        >
        <h1 class="text-3xl font-bold">Print {{ view.game.about.title }}</h1>
      </header>
      <Key main class="w-full text-xl!" :why="!pages.length && 'Choose a sheet first.'" @click="print()"
        ><UIcon name="i-lucide-printer" class="size-6" /> Print {{ count(pages.length, 'page', 'pages') }}</Key
      >
      <fieldset class="sheet p-4 space-y-1">
        <legend class="contents"><span class="block text-lg font-bold display">Sheets</span></legend>
        <UCheckboxGroup v-model="chosen" :items="sheets" aria-label="Sheets">
          <template #label="{ item }"
            >{{ item.label }}
            <span class="text-(--ink-soft) text-sm whitespace-nowrap">{{ item.pages }}</span></template
          >
        </UCheckboxGroup>
        <p v-if="!printing.everything.value.length" class="text-(--refused)">A house rule does not fit yet.</p>
      </fieldset>
      <fieldset class="sheet p-4 space-y-3">
        <legend class="contents"><span class="block text-lg font-bold display">How</span></legend>
        <ChoiceRow
          v-model="printing.wishes.value.paper"
          label="Paper"
          :choices="Object.entries(PAPERS).map(([value, { name }]) => ({ value, label: name }))"
        />
        <template v-if="hasCards">
          <ChoiceRow v-model="printing.wishes.value.faces" label="On the cards" :choices="FACES" />
          <ChoiceRow v-model="printing.wishes.value.cardSize" label="Size of cards and their places" :choices="SIZES" />
          <USwitch v-model="printing.wishes.value.backs" label="Backs, for printing on both sides" />
        </template>
        <USwitch v-model="printing.wishes.value.blank" label="Lines and charts blank, to fill in" />
        <div v-if="isKept && people.length" class="space-y-1">
          <p class="font-semibold" aria-hidden="true">Names on sheets that children keep</p>
          <Choose v-model="whose" :choices="whom" label="Names on sheets that children keep" class="w-full" />
        </div>
        <LazyLetterHome v-if="hasLetter" v-model="printing.letter.value" :written="printing.written.value" />
        <p class="text-sm flex gap-2">
          <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 text-(--call)" /> Scissors and paper clips are
          for the bigger ones. First names only on what goes home.
        </p>
      </fieldset>
      <fieldset v-if="!match" class="sheet p-4 flex items-center gap-2">
        <legend class="contents"><span class="block text-lg font-bold display mr-auto">Players</span></legend>
        <Key
          :why="
            printing.setup.seats.value.length <= view.game.about.seats.low &&
            `${view.game.about.title} takes ${view.game.about.seats.low} at least.`
          "
          aria-label="One player fewer"
          @click="printing.setup.dropSeat()"
          ><UIcon name="i-lucide-minus" class="size-5"
        /></Key>
        <b class="figures text-xl w-8 text-center" aria-live="polite">{{ printing.setup.seats.value.length }}</b>
        <Key
          :why="
            printing.setup.seats.value.length >= view.game.about.seats.high &&
            `${view.game.about.title} takes ${view.game.about.seats.high} at most.`
          "
          aria-label="One player more"
          @click="printing.setup.addSeat()"
          ><UIcon name="i-lucide-plus" class="size-5"
        /></Key>
      </fieldset>
      <Fold v-if="!match" label="House rules" icon="i-lucide-sliders-horizontal">
        <HouseRules :setup="printing.setup" class="mt-3 narrow" />
      </Fold>
    </section>
    <!-- In the page itself: set in its head, the paper would follow the pages a moment late. -->
    <component :is="'style'">{{ paperRules }}</component>
    <section ref="preview" class="pages" :style="{ '--shown': shown }" aria-label="Preview">
      <PaperPage
        v-for="{ key, title, page, number, total, keeps, name } in pages"
        :key="key"
        :page="page"
        :paper="printing.wishes.value.paper"
        :heading="heading(title)"
        :number="number"
        :of="total"
        :keeps="keeps"
        :name="name"
      />
      <p v-if="!pages.length" class="p-8 text-lg print:hidden">Nothing is chosen: touch a sheet.</p>
    </section>
  </div>
  <div v-else class="sheet p-8 max-w-xl mx-auto text-center space-y-4">
    <h1 class="text-2xl font-bold">{{ failed ? 'That match can’t be printed' : 'No such game' }}</h1>
    <p v-if="failed">{{ failed }}</p>
    <Key to="/rulebook">All games</Key>
  </div>
</template>

<style scoped>
@media screen {
  .pages {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
    align-items: flex-start;
    min-height: 20rem;
  }
  .pages :deep(.paper) {
    zoom: var(--shown);
  }
}
.narrow :deep(.grid) {
  grid-template-columns: minmax(0, 1fr);
}
</style>
