<script setup lang="ts">
import type { AskPlay } from '#core/games/ask-for-rest/rules'
import type { Told } from '#core/plays'
import type { Tape } from '#core/tape'
import type { Desk } from '~/composables/useDesk'
import { useAskEntry, type AskMode } from '~/games/ask-for-rest/useAskEntry'
import type { Seat } from '~/utils/matches'

/** A question: whom, for what, gave or no. A pair spotted: who, and the two cards. */
const { tape, seats, desk } = defineProps<{ tape: Tape; seats: readonly Seat[]; desk: Desk }>()

const { entry, rules, state, faces, keys, others, of, by, change, setMode } = useAskEntry(() => tape)
const dealer = useDealer()
const told = ref<Told>({})
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
const card = computed(() => entry.value.cards[0] ?? null)
const rest = computed(() => (card.value === null ? null : rules.value.target - card.value))
/** In a dealt match the answer is known; the referee only passes it on. */
const truly = computed(() => dealer.dealt.value && of.value !== null && card.value !== null && state.value.hands[of.value - 1]!.known.includes(card.value))

const lay = computed<AskPlay | null>(() =>
  entry.value.mode === 'lay' && entry.value.cards.length === 2 ? { do: 'lay', by: by.value, cards: [entry.value.cards[0]!, entry.value.cards[1]!], ...told.value } : null,
)
const question = (got: boolean): AskPlay | null =>
  of.value === null || card.value === null ? null : { do: 'ask', by: state.value.turn, of: of.value, for: card.value, got }

watch(() => state.value, () => ((told.value = {}), (showing.value = false)))
watch(lay, (play) => (play ? desk.offer(play) : desk.enter(null)), { immediate: true })

function pick(touched: number) {
  const { mode, cards } = entry.value
  if (mode === 'replace') return desk.offer({ do: 'replace', by: by.value, card: touched } as AskPlay)
  change({ cards: mode === 'ask' ? [touched] : cards.length === 2 ? [touched] : [...cards, touched] })
}
function answer(got: boolean) {
  const play = question(got)
  if (play) desk.offer(play)
}
function draw(shown?: number) {
  desk.offer({ do: 'draw', by: state.value.owed!, ...(shown === undefined ? {} : { card: shown }) } as AskPlay)
}

function press(event: KeyboardEvent) {
  if (isForeign(event)) return
  const key = event.key.toLowerCase()
  const digit = key === 't' ? 10 : /^\d$/.test(key) ? Number(key) : null
  const seat = /^f([1-4])$/.exec(key)?.[1]
  if (state.value.owed !== null && (key === 'd' || (key === 'enter' && !isButton(event)))) draw()
  else if (seat && Number(seat) <= seats.length) change(entry.value.mode === 'ask' ? { of: Number(seat) } : { by: Number(seat) })
  else if (digit !== null && keys.value.includes(digit) && (state.value.owed === null || entry.value.mode !== 'ask')) pick(digit)
  else if (key === 'a') setMode('ask')
  else if (key === 'p') setMode('lay')
  else if (key === 'x') setMode('replace')
  else if (key === 'g') answer(true)
  else if (key === 'n') answer(false)
  else if (key === 'backspace' || key === 'escape') setMode(entry.value.mode)
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <section class="space-y-3" aria-label="Pad">
    <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
      <div class="flex flex-wrap gap-1.5" role="group" aria-label="What happened">
        <button v-for="{ mode, label } in MODES" :key="mode" class="key" :aria-pressed="entry.mode === mode" @click="setMode(mode)">{{ label }}</button>
      </div>
      <SeatKeys v-if="entry.mode !== 'ask'" :seats="seats" :chosen="by" label="Who" @pick="change({ by: $event })" />
      <SeatKeys v-else-if="state.owed === null && others.length !== 1" :seats="seats" :chosen="of" :only="others" label="Whom" @pick="change({ of: $event })" />
      <p v-else-if="state.owed === null" class="font-semibold">{{ seats[state.turn - 1]!.name }} asks {{ seats[others[0]! - 1]?.name }} for</p>
    </div>
    <div v-if="entry.mode === 'ask' && state.owed !== null" class="flex flex-wrap items-center gap-2">
      <button class="key key-main" @click="draw()"><UIcon name="i-lucide-layers" class="size-5" /> {{ seats[state.owed - 1]!.name }} draws, unseen</button>
      <button v-if="!dealer.dealt.value" class="key" :aria-pressed="showing" @click="showing = !showing">and shows it …</button>
      <CardKeys v-if="showing" :cards="faces" :label="(shown) => `Shows a ${shown}`" @pick="draw" />
    </div>
    <template v-else>
      <CardKeys :cards="keys" :chosen="entry.cards" :label="LABELS[entry.mode]" @pick="pick" />
      <div v-if="entry.mode === 'ask'" class="flex flex-wrap gap-2 items-center">
        <button class="key key-main flex-1" :disabled="of === null || card === null" @click="answer(true)"><UIcon name="i-lucide-hand-helping" class="size-5" /> Gave it<span v-if="card !== null" class="figures font-normal">{{ rest }} + {{ card }}</span></button>
        <button class="key flex-1" :disabled="of === null || card === null" @click="answer(false)"><UIcon name="i-lucide-x" class="size-5" /> No</button>
        <p v-if="dealer.dealt.value && of !== null && card !== null" class="text-sm text-(--ink-soft)">{{ seats[of - 1]!.name }} {{ truly ? 'has' : 'has no' }} {{ card }}</p>
      </div>
    </template>
    <HowKeys v-if="entry.mode === 'lay' && rules.explain !== 'off'" v-model="told" :required="rules.explain === 'required'" />
  </section>
</template>
