<script setup lang="ts">
import { turnTwo } from '#core/games/turn-two/index'
import { matchOf } from '#core/games/turn-two/matching'
import type { Explained } from '#core/contract/plays'
import { usePairEntry } from '~/games/turn-two/usePairEntry'

/** Touch a place, then the card that shows; recorded at the last. A place that is known offers its card first. */
const desk = useDesk()
const manner = useManner()
const { entry, rules, state, faces, waiting, known, stuck, play, pickPlace, pickCard, setCards, back, peeking } =
  usePairEntry()
const touched = useTouched<number>()
const { dealt, bring } = useDealing(turnTwo)
const told = ref<Explained>({})
const lying = computed(() => state.value.places.flatMap(({ lies }, i) => (lies ? [i + 1] : [])))
const places = useTypedFace(() => lying.value, place)
const cards = useTypedFace(() => faces.value, pickCard)

watch(touched, (at) => {
  if (at === null) return
  touched.value = null
  place(at)
})
/** On their own they say first whether the cards match. */
watch(play, (now) => {
  if (!now || desk.veiled.value) desk.enter(now)
  else desk.offerWhole({ ...now, ...told.value }, back)
})
function claim(match: boolean) {
  if (!play.value) return
  const whole = { ...play.value, ...told.value }
  if (match === (matchOf(rules.value, whole.cards) !== null)) desk.offer(whole)
  else desk.miss(whole)
}
/** What was seen there before is offered, but to those who are to remember it. */
const offered = computed(() => (desk.veiled.value ? null : known.value))
usePutAway(() => entry.value.cards.length && back())
watch(
  () => desk.tape.value?.state.played,
  () => (told.value = {}),
)
function place(at: number) {
  pickPlace(at)
  // Where the app deals, the card shows at once.
  if (dealt.value && waiting.value !== null)
    bring({ do: 'turn', by: desk.seat.value, at: entry.value.at }, (came) => setCards(came.cards))
}
function tell(now: Explained) {
  told.value = now
  if (play.value) desk.offer({ ...play.value, ...now })
}

usePad([
  {
    keys: '0 … 9',
    does: 'a place, then its card, and so on',
    on: ({ digit, shift }) => !shift && digit !== null && (waiting.value === null || !dealt.value),
    run: ({ digit }) => (waiting.value === null ? places.type(digit!) : cards.type(digit!)),
  },
  {
    keys: 'Enter',
    does: 'the card that was seen there before',
    on: (press) => isKey('enter')(press) && offered.value !== null && !dealt.value,
    run: () => pickCard(offered.value!),
  },
  {
    keys: 'Backspace',
    does: 'one step back',
    on: isKey('backspace'),
    run: () => (places.clear(), cards.clear(), back()),
  },
  {
    keys: 'P',
    does: 'peek at what was seen',
    on: (press) => isKey('p')(press) && !desk.veiled.value,
    run: () => (peeking.value = !peeking.value),
  },
  {
    keys: 'R',
    does: 'lay it out again',
    on: (press) => isKey('r')(press) && stuck.value,
    run: () => desk.offer({ do: 'relay' }),
  },
])
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap items-center gap-2 min-h-11">
      <template v-if="entry.at.length">
        <span v-for="(at, i) in entry.at" :key="at" class="flex items-center gap-1"
          ><span class="figures text-(--ink-soft)">{{ at }}</span>
          <PlayingCard :value="entry.cards[i] ?? null" size="1.9rem"
        /></span>
        <Key aria-label="One step back" @click="back"><UIcon name="i-lucide-delete" class="size-5" /></Key>
      </template>
      <b v-if="waiting !== null">What shows at place {{ waiting }}? {{ cards.typed.value }}</b>
      <b v-else-if="!play">Touch a place {{ places.typed.value }}</b>
      <Key v-if="!desk.veiled.value" class="ml-auto" :aria-pressed="peeking" kbd="P" @click="peeking = !peeking"
        ><UIcon :name="peeking ? 'i-lucide-eye' : 'i-lucide-eye-off'" class="size-5" /> Peek</Key
      >
      <Key v-if="stuck" main kbd="R" @click="desk.offer({ do: 'relay' })"
        ><UIcon name="i-lucide-shuffle" class="size-5" /> Lay it out again</Key
      >
    </div>
    <div v-if="waiting !== null && !dealt" class="flex flex-wrap items-center gap-1.5">
      <Key
        v-if="offered !== null"
        main
        class="figures text-xl"
        :aria-label="`The ${offered} seen before`"
        @click="pickCard(offered)"
        >{{ offered }} again</Key
      >
      <CardKeys :cards="faces" :label="(card) => `Shows a ${card}`" @pick="pickCard" />
    </div>
    <div v-if="play && desk.veiled.value" class="flex flex-wrap items-center gap-1.5">
      <Key main class="grow" @click="claim(true)">They make {{ rules.target }}</Key>
      <Key class="grow" @click="claim(false)">They do not</Key>
    </div>
    <HowKeys
      v-if="manner.explain !== 'off' && (entry.cards.length >= rules.perTurn - 1 || manner.explain === 'required')"
      :model-value="told"
      :required="manner.explain === 'required'"
      @update:model-value="tell"
    />
  </div>
</template>
