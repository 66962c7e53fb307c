<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { askForRest } from '#core/games/ask-for-rest/index'
import type { AskPlay, Lay } from '#core/games/ask-for-rest/rules'
import type { Explained } from '#core/contract/plays'
import { useAskEntry, type AskMode } from '~/games/ask-for-rest/useAskEntry'

/** A question: whom, for what, gave or no. A pair spotted: who, and the two cards. */
const desk = useDesk()
const manner = useManner()
const { seats } = desk
const { entry, rules, state, faces, dead, keys, others, of, by, change, setMode } = useAskEntry()
const told = ref<Explained>({})
const showing = ref(false)
const MODES: readonly { mode: AskMode; label: string }[] = [
  { mode: 'ask', label: 'Ask' },
  { mode: 'lay', label: 'Lay a pair' },
  { mode: 'replace', label: 'Put out' },
]
const LABELS: Readonly<Record<AskMode, (card: number) => string>> = {
  ask: (card) => `For a ${card}`,
  lay: (card) => `Card ${card}`,
  replace: (card) => `Put out a ${card}`,
}
const { dealt } = useDealing(askForRest)
const card = computed(() => entry.value.cards[0] ?? null)
const unasked = computed(() => {
  if (of.value === null) return 'Touch first who is asked.'
  return card.value === null && 'Touch first which card is asked for.'
})
const rest = computed(() => (card.value === null ? null : rules.value.target - card.value))
/** In a dealt match the answer is known; the referee only passes it on. */
const truly = computed(
  () =>
    dealt.value &&
    of.value !== null &&
    card.value !== null &&
    ofSeat(state.value.hands, of.value).known.includes(card.value),
)
const owed = computed(() => (entry.value.mode === 'ask' ? state.value.owed : null))

const lay = computed<Lay | null>(() =>
  entry.value.mode === 'lay' && entry.value.cards.length === 2
    ? { do: 'lay', by: by.value, cards: [entry.value.cards[0]!, entry.value.cards[1]!], ...told.value }
    : null,
)
const offer = (play: AskPlay) => desk.offer(play)
function dropLast() {
  change({ cards: entry.value.cards.slice(0, -1) })
}

watch(state, () => ((told.value = {}), (showing.value = false)))
watch(lay, (play) => (play ? desk.offerWhole(play, dropLast) : desk.enter(null)), { immediate: true })
usePutAway(() => setMode(entry.value.mode))

function pick(touched: number) {
  const { mode, cards } = entry.value
  if (mode === 'replace') return void offer({ do: 'replace', by: by.value, card: touched })
  change({ cards: mode === 'ask' ? [touched] : cards.length === 2 ? [touched] : [...cards, touched] })
}
function answer(got: boolean) {
  if (of.value !== null && card.value !== null)
    offer({ do: 'ask', by: desk.seat.value, of: of.value, for: card.value, got })
}
/** What may come up when a card is drawn: the pack, and cards that were left in by mistake. */
const drawable = computed(() => [...new Set([...faces.value, ...dead.value])].sort((a, b) => a - b))
function draw(shown?: number) {
  // A card of no pack here is put out, and the next one drawn for it: the draw itself is still to come.
  if (shown !== undefined && !faces.value.includes(shown))
    return void offer({ do: 'replace', by: desk.seat.value, card: shown })
  offer({ do: 'draw', by: desk.seat.value, ...(shown === undefined ? {} : { card: shown }) })
}
const seatOf = (key: string) => Number(/^f([1-4])$/.exec(key)?.[1] ?? 0)

usePad([
  {
    keys: 'D, Enter',
    does: 'draw, unseen',
    on: (press) => owed.value !== null && (press.key === 'd' || isKey('enter')(press)),
    run: () => draw(),
  },
  {
    keys: 'F1 … F4',
    does: 'whom one asks (or who lays)',
    on: ({ key }) => seatOf(key) >= 1 && seatOf(key) <= seats.value.length,
    run: ({ key }) => change(entry.value.mode === 'ask' ? { of: seatOf(key) } : { by: seatOf(key) }),
  },
  {
    keys: '1 … 9, T',
    does: 'the card',
    on: (press) => press.card !== null && owed.value === null && keys.value.includes(press.card),
    run: (press) => pick(press.card!),
  },
  {
    keys: 'G, N',
    does: 'gave it, no',
    on: ({ key }) => key === 'g' || key === 'n',
    run: ({ key }) => answer(key === 'g'),
  },
  {
    keys: 'P, X, A',
    does: 'a pair spotted, put out, back to asking',
    on: ({ key }) => 'pxa'.includes(key) && key.length === 1,
    run: ({ key }) => setMode(key === 'p' ? 'lay' : key === 'x' ? 'replace' : 'ask'),
  },
  {
    keys: 'Backspace',
    does: 'clear the cards',
    on: ({ key }) => key === 'backspace' || key === 'escape',
    run: () => setMode(entry.value.mode),
  },
])
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1.5">
      <div class="flex flex-wrap gap-1.5" role="group" aria-label="What happened">
        <Key v-for="{ mode, label } in MODES" :key="mode" :aria-pressed="entry.mode === mode" @click="setMode(mode)">{{
          label
        }}</Key>
      </div>
      <SeatKeys v-if="entry.mode !== 'ask'" :seats="seats" :chosen="by" label="Who" @pick="change({ by: $event })" />
      <SeatKeys
        v-else-if="owed === null && others.length !== 1"
        :seats="seats"
        :chosen="of"
        :only="others"
        label="Whom"
        @pick="change({ of: $event })"
      />
      <p v-else-if="owed === null" class="font-semibold">asks {{ seats[others[0]! - 1]?.name }} for</p>
    </div>
    <div v-if="owed !== null" class="flex flex-wrap items-center gap-1.5">
      <Key main @click="draw()"
        ><UIcon name="i-lucide-layers" class="size-5" /> {{ ofSeat(seats, desk.seat.value).name }} draws, unseen</Key
      >
      <Key v-if="!dealt" :aria-pressed="showing" @click="showing = !showing">and shows it …</Key>
      <CardKeys v-if="showing" :cards="drawable" :label="(shown) => `Shows a ${shown}`" @pick="draw" />
    </div>
    <template v-else>
      <CardKeys :cards="keys" :chosen="entry.cards" :label="LABELS[entry.mode]" @pick="pick" />
      <div v-if="entry.mode === 'ask'" class="flex flex-wrap gap-1.5 items-center">
        <Key v-if="dealt && desk.veiled.value" main class="flex-1" :why="unasked" @click="answer(truly)"
          ><UIcon name="i-lucide-message-circle-question" class="size-5" /> Ask</Key
        >
        <template v-else>
          <Key main class="flex-1" :why="unasked" @click="answer(true)"
            ><UIcon name="i-lucide-hand-helping" class="size-5" /> Gave it<span
              v-if="card !== null && !desk.veiled.value"
              class="figures font-normal"
              >{{ rest }} + {{ card }}</span
            ></Key
          >
          <Key class="flex-1" :why="unasked" @click="answer(false)"><UIcon name="i-lucide-x" class="size-5" /> No</Key>
        </template>
        <p v-if="dealt && !desk.veiled.value && of !== null && card !== null" class="text-sm text-(--ink-soft)">
          {{ ofSeat(seats, of).name }} {{ truly ? 'has' : 'has no' }} {{ card }}
        </p>
      </div>
    </template>
    <HowKeys
      v-if="entry.mode === 'lay' && manner.explain !== 'off'"
      v-model="told"
      :required="manner.explain === 'required'"
    />
  </div>
</template>
