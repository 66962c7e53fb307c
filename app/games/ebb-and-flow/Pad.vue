<script setup lang="ts">
import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import { cardOf, deckFor, type Colour, type EbbCard, type Flip } from '#core/games/ebb-and-flow/rules'
import { countOf } from '#core/kit/pack'
import { useEbbEntry } from '~/games/ebb-and-flow/useEbbEntry'

/** The card turned, then the running total said. A wild is recorded with its touch: nothing is asked of it. */
const desk = useDesk()
const { entry, rules, state, play, before, leads, flip } = useEbbEntry()
const { dealt, bring } = useDealing(ebbAndFlow)
const ranks = computed(() => [...rules.value.ranks].sort((a, b) => a - b))
const rows = computed<readonly (Colour | undefined)[]>(() =>
  rules.value.swing === 'colour' ? ['warm', 'cool'] : [undefined],
)
const colour = ref<Colour | undefined>()
const { typed, type, clear } = useTypedFace(
  () => rules.value.ranks,
  (rank) => flip(rank, rules.value.swing === 'colour' ? (colour.value ?? 'warm') : undefined),
)

watch(play, (now) => desk.enter(now), { immediate: true })
watch(
  () => desk.tape.value?.state.played,
  () => (colour.value = undefined),
)
usePutAway(() => entry.value.card === 'wild' && flip(null))
const spent = (card: EbbCard) => countOf(state.value.gone, card) >= deckFor(rules.value).copiesOf(card)

function wild() {
  if (!desk.offer({ do: 'flip', by: desk.seat.value, card: 'wild' } as Flip)) flip('wild')
}
function draw() {
  bring({ do: 'flip', by: desk.seat.value }, ({ card, colour: shade }) => {
    if (card === 'wild') wild()
    else flip(card, shade)
  })
}

usePad([
  {
    keys: '0 … 9',
    does: 'the card’s number',
    on: ({ digit, shift }) => !shift && !dealt.value && !play.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  {
    keys: 'W, C',
    does: 'warm or cool, before the number',
    on: ({ key }) => rules.value.swing === 'colour' && !play.value && (key === 'w' || key === 'c'),
    run: ({ key }) => (colour.value = key === 'w' ? 'warm' : 'cool'),
  },
  {
    keys: 'X',
    does: 'a wild',
    on: (press) => isKey('x')(press) && !dealt.value && rules.value.wilds > 0 && !play.value,
    run: wild,
  },
  { keys: 'Backspace', does: 'another card', on: isKey('backspace'), run: () => (clear(), flip(null)) },
  {
    keys: 'Enter',
    does: 'turn, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !play.value,
    run: draw,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !play" icon="i-lucide-layers" @click="draw">Turn a card</DealKey>
    <template v-else-if="!play">
      <div class="flex flex-wrap gap-x-6 gap-y-1.5">
        <div v-for="row in rows" :key="row ?? 'all'" class="flex flex-wrap items-center gap-2">
          <b v-if="row" class="w-12">{{ row }}</b>
          <CardKeys
            :cards="ranks"
            :spent="(rank) => spent(cardOf(rank, row))"
            :label="(rank) => (row ? `Turned ${row} ${rank}` : `Turned a ${rank}`)"
            @pick="flip($event, row)"
          />
        </div>
        <Key v-if="rules.wilds" :class="{ 'opacity-60': spent('wild') }" aria-label="Turned a wild" @click="wild"
          ><UIcon name="i-lucide-star" class="size-5" /> Wild</Key
        >
      </div>
      <p v-if="typed || colour" class="text-(--ink-soft)">{{ colour }} {{ typed }} …</p>
    </template>
    <template v-else>
      <p class="flex flex-wrap items-center gap-2 text-2xl">
        <b v-if="leads" class="figures">{{ minus(before) }} {{ leads.up ? '+' : '−' }} {{ entry.card }}</b>
        <b v-else>a wild</b>
        <Key v-if="!dealt" aria-label="Another card" @click="flip(null)"
          ><UIcon name="i-lucide-delete" class="size-5"
        /></Key>
      </p>
      <SayAndExplain
        v-if="leads"
        :right="leads.after"
        :label="`Total ${minus(leads.after)}`"
        minus
        :play="(told) => ({ ...play!, ...told })"
      />
      <Key v-else main class="w-full" @click="desk.offer(play)">Record the wild</Key>
    </template>
  </div>
</template>
