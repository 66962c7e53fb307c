<script setup lang="ts">
import { skipCountYard } from '#core/games/skip-count-yard/index'
import { POSITIONS, type Position } from '#core/games/skip-count-yard/yard'
import type { YardPlay } from '#core/games/skip-count-yard/rules'
import type { Explained } from '#core/contract/plays'
import { useYardEntry, type YardTouch } from '~/games/skip-count-yard/useYardEntry'

/** Draw first; then a card and its place, or cards lifted in the yard and theirs; end the turn. */
const desk = useDesk()
const manner = useManner()
const { seat, entry, state, owesDraw, hand, cards, spent, lifted, open, playTo, pickCard, lift, clear } = useYardEntry()
const touched = useTouched<YardTouch>()
const { dealt, bring } = useDealing(skipCountYard)
const told = ref<Explained>({})
const showing = ref(false)
const { typed, type, clear: clearTyped } = useTypedFace(() => cards.value, pickCard)

watch(touched, (now) => {
  if (!now) return
  touched.value = null
  if (now.dropped) {
    lift(now.at, now.index ?? 0)
    layAt(now.dropped)
  } else if (lifted.value.length && now.at !== entry.value.from?.at) layAt(now.at)
  // Touching the place of what is lifted puts it back; another card of it cuts elsewhere.
  else if (
    now.index === null ||
    (entry.value.from?.at === now.at &&
      entry.value.from.count === (now.index ? state.value.yard[now.at].length - now.index : null))
  )
    clear()
  else lift(now.at, now.index)
})
watch(
  () => desk.tape.value?.state.played,
  () => ((told.value = {}), (showing.value = false)),
)
watch(entry, () => desk.enter(null))

usePutAway(clear)

const offer = (play: YardPlay) => desk.offer(play)
function layAt(to: Position) {
  const play = playTo(to)
  if (play) offer({ ...play, ...(play.do === 'add' ? told.value : {}) })
}
function draw(card?: number) {
  if (dealt.value) bring({ do: 'draw', by: seat.value })
  else offer({ do: 'draw', by: seat.value, ...(card === undefined ? {} : { card }) })
}
const end = () => offer({ do: 'end', by: seat.value })
function tell(now: Explained) {
  told.value = now
  const draft = desk.draft.value
  if (draft?.do === 'add' && now.explained) desk.offer({ ...draft, ...now })
}

/** A place typed by its letters: N and S wait a moment for E or W. */
const letters = ref('')
const { start: wait, stop } = useTimeoutFn(placeTyped, 500, { immediate: false })
function placeTyped() {
  const at = POSITIONS.find((position) => position === letters.value.toUpperCase())
  letters.value = ''
  if (at) placeAt(at)
}
function placeAt(at: Position) {
  if (lifted.value.length) layAt(at)
  else if (state.value.yard[at].length) lift(at, 0)
}
function typeLetter(key: string) {
  stop()
  letters.value += key
  if ('ns'.includes(key) && letters.value.length === 1) wait()
  else placeTyped()
}

usePad([
  {
    keys: 'D, Enter',
    does: 'draw',
    on: (press) => owesDraw.value && (press.key === 'd' || isKey('enter')(press)),
    run: () => draw(),
  },
  {
    keys: '0 … 9',
    does: 'a card; where cards are lifted, how many of them',
    on: ({ digit, shift }) => !shift && digit !== null && !owesDraw.value,
    run: ({ digit }) => {
      const { from } = entry.value
      if (from && digit! >= 1 && digit! <= state.value.yard[from.at].length)
        entry.value = { card: null, from: { at: from.at, count: digit! } }
      else if (!from) type(digit!)
    },
  },
  {
    keys: 'N E S W',
    does: 'the place (two letters: a corner); without a card its run is lifted',
    on: ({ key }) => !owesDraw.value && 'nesw'.includes(key) && key.length === 1,
    run: ({ key }) => typeLetter(key),
  },
  { keys: 'X', does: 'ends the turn', on: (press) => isKey('x')(press) && !owesDraw.value, run: end },
  {
    keys: 'Backspace, Esc',
    does: 'nothing lifted',
    on: ({ key }) => key === 'backspace' || key === 'escape',
    run: () => (clearTyped(), clear()),
  },
])
</script>

<template>
  <div class="space-y-2">
    <div v-if="owesDraw" class="flex flex-wrap items-center gap-1.5">
      <Key main class="grow" kbd="D" @click="draw()"
        ><UIcon name="i-lucide-layers" class="size-5" /> Draws a card{{ dealt ? '' : ', unseen' }}</Key
      >
      <Key v-if="!dealt" :aria-pressed="showing" @click="showing = !showing">and shows it …</Key>
      <CardKeys v-if="showing" :cards="cards" :label="(card) => `Shows ${card}`" @pick="draw" />
    </div>
    <template v-else>
      <CardKeys
        class="cards"
        :cards="cards"
        :chosen="entry.card === null ? [] : [entry.card]"
        :spent="spent"
        :label="(card) => `Card ${card}`"
        @pick="pickCard"
      />
      <div class="flex flex-wrap items-center gap-1.5">
        <template v-if="lifted.length">
          <b class="figures">{{ lifted.join(', ') }} to</b>
          <Key
            v-for="at in POSITIONS"
            :key="at"
            class="!min-w-11 !px-2"
            :class="{ fits: !desk.veiled.value && open.includes(at) }"
            :aria-label="`To ${at}`"
            @click="layAt(at)"
            >{{ at }}</Key
          >
          <Key aria-label="Nothing lifted" @click="clear"><UIcon name="i-lucide-x" class="size-5" /></Key>
        </template>
        <span v-else class="text-(--ink-soft)"
          >{{ typed ? `${typed} …` : `a card of ${hand.size} in hand, or touch a run to move it` }}
          {{ letters.toUpperCase() }}</span
        >
        <Key class="ml-auto" kbd="X" :main="!lifted.length" @click="end"
          ><UIcon name="i-lucide-check" class="size-5" /> Ends the turn</Key
        >
      </div>
      <HowKeys
        v-if="manner.explain === 'required' || (manner.explain === 'invited' && entry.card !== null)"
        :model-value="told"
        :required="manner.explain === 'required'"
        @update:model-value="tell"
      />
    </template>
  </div>
</template>

<style scoped>
.fits {
  border-color: var(--accent);
  background: var(--accent-soft);
}
.cards :deep(.card) {
  min-width: 2.75rem;
  font-size: 1.15rem;
}
</style>
