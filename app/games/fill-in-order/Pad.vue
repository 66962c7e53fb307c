<script setup lang="ts">
import { fillInOrder } from '#core/games/fill-in-order/index'
import { faceOf, type Face, type Played } from '#core/games/fill-in-order/cards'
import { lyingIn, type Turn } from '#core/games/fill-in-order/rules'
import { deckFor } from '#core/games/fill-in-order/cards'
import { countOf } from '#core/kit/pack'
import { useFillEntry } from '~/games/fill-in-order/useFillEntry'

/** Touch card after card as they come up: each goes to its place; the first that can’t go records the turn. */
const desk = useDesk()
const {
  seat,
  entry,
  rules,
  state,
  faces,
  open,
  top,
  discardFits,
  turn,
  ended,
  set,
  come,
  put,
  give,
  takeDiscard,
  back,
} = useFillEntry()
const touched = useTouched<number>()
const { dealt, bring } = useDealing(fillInOrder)
const { typed, type, clear } = useTypedFace(
  () => faces.value.filter((face): face is number => typeof face === 'number'),
  come,
)
const LETTERS: Readonly<Record<string, Face>> = { j: 'J', q: 'Q', k: 'K' }
const chain = computed(() => entry.value.cards.map(faceOf))
const spent = (face: Face) =>
  countOf([...lyingIn(state.value), ...chain.value.slice(entry.value.from === 'discard' ? 1 : 0)], face) >=
  deckFor(rules.value).copiesOf(face)

watch(touched, (slot) => {
  if (slot === null) return
  touched.value = null
  choose(slot)
})
watch(
  entry,
  () => {
    if (dealt.value) return
    if (turn.value && ended.value) desk.offerWhole(turn.value, back)
    else desk.enter(null)
  },
  { flush: 'post' },
)

usePutAway(() => entry.value.cards.length && back())

/** On their own the cards that the app turned up are given their places one by one. */
function ask(from: 'stock' | 'discard', lying: readonly Played[], all: readonly Played[]) {
  const [first, ...rest] = all.slice(lying.length).map(faceOf)
  if (first === undefined) return
  if (first === rules.value.wild) set({ from, cards: lying, wild: first as 'K' | 'J' })
  else set({ from, cards: lying, asked: first, rest })
}

/** The dealer turns up card after card, until one can’t go or a wild’s place is to be chosen. */
function draw(from: 'stock' | 'discard', cards = entry.value.cards) {
  bring({ do: 'turn', by: seat.value, from, cards }, (came, { unfinished }) => {
    const all = came.cards
    if (desk.veiled.value) return ask(from, cards, all)
    if (!unfinished) return void desk.offer({ do: 'turn', by: seat.value, from, cards: all } as Turn)
    set({ from, cards: all.slice(0, -1), wild: all.at(-1) as 'K' | 'J' })
  })
}
const asked = computed(() => entry.value.asked ?? null)
const { notYet, miss } = useNotYet(() => entry.value)
/** The discard is offered where it fits; to those who are to find that, always. */
const takes = computed(() => top.value !== null && (desk.veiled.value || discardFits.value))
function choose(slot: number | null) {
  if (asked.value !== null) {
    if (!give(slot)) return void miss()
    // The last card that the app turned up has its place: that was the turn.
    if (dealt.value && asked.value === null && !entry.value.wild && turn.value) desk.offer(turn.value)
    return
  }
  if (slot === null) return
  put(slot)
  if (dealt.value) draw(entry.value.from)
}

usePad([
  {
    keys: '1 … 10, T',
    does: 'the card that came up; a wild’s place',
    on: ({ digit, key, shift }) =>
      !shift && (digit !== null || key === 't') && (entry.value.wild !== null || !dealt.value),
    run: ({ digit, key }) => {
      if (entry.value.wild !== null || asked.value !== null) choose(key === 't' || digit === 0 ? 10 : digit!)
      else if (key === 't') come(10)
      else type(digit!)
    },
  },
  {
    keys: 'J, Q, K',
    does: 'jack, queen, king',
    on: ({ key }) => !dealt.value && entry.value.wild === null && key in LETTERS,
    run: ({ key }) => come(LETTERS[key]!),
  },
  {
    keys: 'D',
    does: 'takes the discard',
    on: (press) => isKey('d')(press) && !entry.value.cards.length && takes.value && asked.value === null,
    run: () => (dealt.value ? draw('discard') : takeDiscard()),
  },
  {
    keys: 'Backspace',
    does: 'the last card back',
    on: (press) => isKey('backspace')(press) && !dealt.value,
    run: () => (clear(), back()),
  },
  {
    keys: 'Enter',
    does: 'draw, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !entry.value.cards.length && entry.value.wild === null,
    run: () => draw('stock'),
  },
])
</script>

<template>
  <div class="space-y-2">
    <div v-if="entry.cards.length || entry.wild || asked !== null" class="flex flex-wrap items-center gap-1.5">
      <span class="text-(--ink-soft)">{{ entry.from === 'discard' ? 'took' : 'drew' }}</span>
      <PlayingCard v-for="(face, i) in chain" :key="i" :value="face" size="1.8rem" />
      <PlayingCard v-if="entry.wild" :value="entry.wild" size="1.8rem" raised />
      <PlayingCard v-if="asked !== null" :value="asked" size="1.8rem" raised />
      <Key v-if="!dealt" aria-label="The last card back" @click="back"
        ><UIcon name="i-lucide-delete" class="size-5"
      /></Key>
      <b v-if="entry.wild || asked !== null">goes to which place?</b>
      <b v-else>and under it lay … {{ typed }}</b>
    </div>
    <div v-if="entry.wild || asked !== null" class="flex flex-wrap gap-1.5">
      <Key
        v-for="slot in open"
        :key="slot"
        class="figures !min-w-11"
        :aria-label="`To place ${slot}`"
        @click="choose(slot)"
        >{{ slot }}</Key
      >
      <Key v-if="asked !== null" @click="choose(null)">It can’t go</Key>
      <NotYet :on="notYet" />
    </div>
    <template v-else-if="dealt">
      <div class="flex flex-wrap gap-2">
        <DealKey class="!w-auto grow" icon="i-lucide-layers" @click="draw('stock')">Draw from the stock</DealKey>
        <Key v-if="takes" :main="!desk.veiled.value" class="grow" kbd="D" @click="draw('discard')"
          >Takes the {{ top }}</Key
        >
      </div>
    </template>
    <div v-else class="flex flex-wrap items-center gap-1.5">
      <Key v-if="!entry.cards.length && takes" :main="!desk.veiled.value" kbd="D" @click="takeDiscard"
        >Takes the <b class="figures">{{ top }}</b></Key
      >
      <CardKeys :cards="faces" :spent="spent" :label="(face) => `Came up: ${face}`" @pick="come" />
      <span v-if="typed && !entry.cards.length" class="text-(--ink-soft)">{{ typed }} …</span>
    </div>
  </div>
</template>
