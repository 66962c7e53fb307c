<script setup lang="ts">
import { toggled } from '#core/basics/lists'
import { sixHeaps } from '#core/games/six-heaps/index'
import type { Line, Spot } from '#core/games/six-heaps/block'
import type { Explained } from '#core/contract/plays'
import { useHeapEntry } from '~/games/six-heaps/useHeapEntry'

/** The card, then its heap on the table. Where only named lines score, the line named is one touch more. */
const desk = useDesk()
const manner = useManner()
const { entry, rules, cards, spent, passes, runs, playOf, change, state } = useHeapEntry()
const touched = useTouched<Spot>()
const { dealt } = useDealing(sixHeaps)
const told = ref<Explained>({})
const showing = ref(false)
const naming = computed(() => entry.value.at !== null)
const scoring = computed(() => runs.value.filter(({ sum }) => sum === rules.value.target))
const { typed, type, clear } = useTypedFace(
  () => cards.value,
  (card) => change({ card }),
)

watch(touched, (at) => {
  if (!at) return
  touched.value = null
  put(at)
})
watch(
  () => desk.tape.value?.state.played,
  () => ((told.value = {}), (showing.value = false)),
)
watch(
  () => entry.value.card,
  () => desk.enter(null),
)

usePutAway(() => (entry.value.at !== null ? change({ at: null }) : undefined))

/** Puts the card; lines are named next where that counts and some could be. */
function put(at: Spot) {
  const play = playOf(at)
  if (!play) return
  if (rules.value.counted !== 'spotted') return void desk.offer({ ...play, ...told.value })
  // What does not stand is told at once; lines are named of a card that may lie there.
  desk.enter(play)
  if (!desk.judged.value?.verdict.stands) return
  change({ at })
  desk.enter(null)
  if (!runs.value.length) name([])
}
/** The lines named so far, by their place among the runs: several may be named of one card. */
const chosen = ref<readonly number[]>([])
watch(naming, () => (chosen.value = []))
const toggle = (i: number) => (chosen.value = toggled(chosen.value, i))
function name(lines: readonly Line[]) {
  const play = entry.value.at && playOf(entry.value.at, lines)
  if (play) desk.offer({ ...play, ...told.value })
}
/** How it was found may come after the card: what waits for it is recorded then. */
function tell(now: Explained) {
  told.value = now
  const draft = desk.draft.value
  if (draft?.do === 'place' && now.explained) desk.offer({ ...draft, ...now })
}
function pass() {
  desk.offer({ do: 'pass', by: desk.seat.value })
}
const row = ref<number | null>(null)

usePad([
  {
    keys: '0 … 9',
    does: 'the card; then row and column of its heap',
    on: ({ digit, shift }) => !shift && !naming.value && digit !== null,
    run: ({ digit }) => {
      if (entry.value.card === null) return type(digit!)
      if (row.value === null) row.value = digit!
      else {
        put([row.value, digit!])
        row.value = null
      }
    },
  },
  {
    keys: 'A, N',
    does: 'all lines named, no line named',
    on: ({ key }) => naming.value && ((key === 'a' && !desk.veiled.value) || key === 'n'),
    run: ({ key }) => name(key === 'a' ? scoring.value.map(({ line }) => line) : []),
  },
  { keys: 'P', does: 'pass', on: (press) => isKey('p')(press) && !naming.value, run: pass },
  {
    keys: 'Backspace',
    does: 'another card',
    on: isKey('backspace'),
    run: () => (clear(), (row.value = null), change(naming.value ? { at: null } : { card: null, at: null })),
  },
])
</script>

<template>
  <div class="space-y-2">
    <template v-if="naming">
      <p class="flex flex-wrap items-center gap-2">
        <PlayingCard :value="entry.card" size="2rem" />
        <b>Which line was named?</b>
        <Key aria-label="Another heap" @click="change({ at: null })"
          ><UIcon name="i-lucide-delete" class="size-5"
        /></Key>
      </p>
      <div class="flex flex-wrap gap-1.5">
        <Key v-if="scoring.length > 1 && !desk.veiled.value" main kbd="A" @click="name(scoring.map(({ line }) => line))"
          >All {{ scoring.length }} lines</Key
        >
        <Key
          v-for="({ line, numbers, sum }, i) in runs"
          :key="i"
          class="figures text-lg"
          :aria-pressed="runs.length > 1 ? chosen.includes(i) : undefined"
          @click="runs.length > 1 ? toggle(i) : name([line])"
          >{{ numbers.join(' + ') }} <span v-if="!desk.veiled.value" class="text-(--ink-soft)">= {{ sum }}</span></Key
        >
        <Key v-if="chosen.length" main @click="name(chosen.map((i) => runs[i]!.line))"
          ><UIcon name="i-lucide-check" class="size-5" />
          {{ chosen.length === 1 ? 'This line was named' : `These ${chosen.length} were named` }}</Key
        >
        <Key kbd="N" @click="name([])">No line named</Key>
      </div>
    </template>
    <template v-else>
      <div class="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        <CardKeys
          :cards="cards"
          :chosen="entry.card === null ? [] : [entry.card]"
          :spent="spent"
          :label="(card) => `Card ${card}`"
          @pick="change({ card: entry.card === $event ? null : $event })"
        />
        <span v-if="typed" class="text-(--ink-soft)">{{ typed }} …</span>
        <b v-if="entry.card !== null">Now touch its heap{{ row === null ? '' : ` in row ${row}` }}.</b>
        <Key v-if="passes" kbd="P" @click="pass">Pass</Key>
      </div>
      <div v-if="!dealt && state.stock > 0 && entry.card !== null" class="flex flex-wrap items-center gap-1.5">
        <Key :aria-pressed="showing || entry.drew !== undefined" @click="showing = !showing">{{
          entry.drew === undefined ? 'Card drawn is shown …' : `Drew a ${entry.drew}`
        }}</Key>
        <CardKeys
          v-if="showing"
          :cards="cards"
          :label="(card) => `Drew a ${card}`"
          @pick="(change({ drew: $event }), (showing = false))"
        />
      </div>
    </template>
    <HowKeys
      v-if="manner.explain === 'required' || (manner.explain === 'invited' && entry.card !== null)"
      :model-value="told"
      :required="manner.explain === 'required'"
      @update:model-value="tell"
    />
  </div>
</template>
