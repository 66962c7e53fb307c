<script setup lang="ts">
import { callRow } from '#core/games/call-row/index'
import type { Deal } from '#core/games/call-row/rules'
import { findSigns, spoken } from '#core/kit/signing'
import { countOf } from '#core/kit/pack'
import type { Explained } from '#core/contract/plays'
import { showWorking } from '#core/contract/working'
import { useKeptCall, useRowEntry } from '~/games/call-row/useRowEntry'

/** The next card is one touch, always. A call: the player, the cards in the row; the signs are found. */
const desk = useDesk()
const manner = useManner()
const { seats, entry, rules, state, faces, call, pickCaller, pickCard, clear } = useRowEntry()
useKeptCall()
const { dealt, bring } = useDealing(callRow)
const told = ref<Explained>({})
const calling = computed(() => entry.value.by !== null || entry.value.cards.length > 0)
const {
  typed,
  type,
  clear: clearTyped,
} = useTypedFace(
  () => (entry.value.by === null ? faces.value : state.value.row),
  (card) => (entry.value.by === null ? deal(card) : pickCard(card, false)),
)
/** The call as it would be said: 8 + 6 − 4 = 10. */
const sentence = computed(() => {
  const { cards } = entry.value
  if (!cards.length) return ''
  const signs = findSigns(cards, rules.value.target, rules.value.signs === 'add-subtract')
  if (!signs) return `${cards.join(' and ')}: not ${rules.value.target}`
  return showWorking({ kind: 'equation', terms: spoken(cards, signs), equals: rules.value.target })
})

// Without a word on it yet: children may still be touching.
watch(call, (now) =>
  desk.enter(now && !desk.veiled.value && sentence.value.includes('=') ? { ...now, ...told.value } : null),
)
watch(
  () => entry.value.by,
  () => (told.value = {}),
)
usePutAway(() => calling.value && clear())
const spent = (card: number) => countOf(state.value.row, card) >= rules.value.pack.copies

function deal(card: number) {
  // A card that can't be is told without losing the call.
  const kept = entry.value
  if (!desk.offer({ do: 'deal', card } as Deal)) entry.value = kept
}
function next() {
  bring({ do: 'deal' })
}
function record() {
  if (call.value) desk.offer({ ...call.value, ...told.value })
}
/** How it was found may come after the call: what waits for it is recorded then. */
function tell(now: Explained) {
  told.value = now
  if (now.explained && desk.judged.value?.verdict.reason?.code === 'unexplained') record()
}
const seatOf = (key: string) => Number(/^f([1-4])$/.exec(key)?.[1] ?? 0)

usePad([
  {
    keys: '0 … 9',
    does: 'the card dealt; while somebody calls, a card of the row',
    on: ({ digit, shift }) => !shift && digit !== null && (!dealt.value || entry.value.by !== null),
    run: ({ digit }) => type(digit!),
  },
  {
    keys: 'F1 … F4',
    does: 'this player calls',
    on: ({ key }) => seatOf(key) >= 1 && seatOf(key) <= seats.value.length,
    run: ({ key }) => pickCaller(seatOf(key)),
  },
  {
    keys: 'Enter',
    does: 'record the call; deal, where the app deals',
    on: (press) => isKey('enter')(press) && (call.value !== null || dealt.value),
    run: () => (call.value ? record() : next()),
  },
  {
    keys: 'Backspace, Escape',
    does: 'the last card out of the call, no call',
    on: ({ key }) => calling.value && (key === 'backspace' || key === 'escape'),
    run: ({ key }) => {
      clearTyped()
      if (key === 'escape' || !entry.value.cards.length) clear()
      else entry.value = { ...entry.value, cards: entry.value.cards.slice(0, -1) }
    },
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt" icon="i-lucide-layers" @click="next">Deal a card</DealKey>
    <CardKeys v-else :cards="faces" :spent="spent" :label="(card) => `Dealt a ${card}`" @pick="deal" />
    <div class="flex flex-wrap items-center gap-1.5">
      <span class="font-semibold">Calls</span>
      <SeatKeys :seats="seats" :chosen="entry.by" label="Who calls" @pick="pickCaller" />
      <span v-if="typed" class="text-(--ink-soft)">{{ typed }} …</span>
      <template v-if="calling">
        <Key main class="grow" :why="!call && 'Touch the cards of the call first.'" @click="record"
          ><UIcon name="i-lucide-megaphone" class="size-5" />
          <b v-if="sentence && !desk.veiled.value" class="figures text-xl">{{ sentence }}</b>
          <b v-else-if="sentence" class="figures text-xl">{{ entry.cards.join(' ') }}: {{ rules.target }}!</b>
          <template v-else>touch the cards in the row</template></Key
        >
        <Key aria-label="No call" @click="clear"><UIcon name="i-lucide-x" class="size-5" /></Key>
      </template>
    </div>
    <HowKeys
      v-if="calling && manner.explain !== 'off'"
      :model-value="told"
      :required="manner.explain === 'required'"
      @update:model-value="tell"
    />
  </div>
</template>
