<script setup lang="ts">
import { placeStrike } from '#core/games/place-strike/index'
import { PLACES, type Strike } from '#core/games/place-strike/rules'
import type { Explained } from '#core/contract/plays'
import { facesOfDie } from '#core/kit/dice'
import { useStrikeEntry } from '~/games/place-strike/useStrikeEntry'

/** The digit and the place rolled, then the number on the table, or none. */
const desk = useDesk()
const manner = useManner()
const { seat, rules, state, entry, rolled, lit, change } = useStrikeEntry()
const touched = useTouched<number>()
const { dealt, bring } = useDealing(placeStrike)
const told = ref<Explained>({})
const LETTERS: Readonly<Record<string, number>> = { o: 1, t: 2, h: 3 }
const places = computed(() => facesOfDie(rules.value.digits).reverse())

watch(touched, (number) => {
  if (number === null) return
  touched.value = null
  strike(number)
})
watch(
  () => desk.tape.value?.state.played,
  () => (told.value = {}),
)
watch(rolled, () => desk.enter(null))

function strike(number: number) {
  const play: Strike | null = rolled.value && { do: 'strike', by: seat.value, ...rolled.value, number, ...told.value }
  if (play) desk.offer(play)
}
function none() {
  if (rolled.value) desk.offer({ do: 'none', by: seat.value, ...rolled.value })
}
function roll() {
  bring({ do: 'none', by: seat.value }, (came) => change({ digit: came.digit, place: came.place }))
}
function tell(now: Explained) {
  told.value = now
  const draft = desk.draft.value
  if (draft?.do === 'strike' && now.explained) desk.offer({ ...draft, ...now })
}

usePad([
  {
    keys: '1 … 9',
    does: 'the digit, then the place (1 is the ones), then the number',
    on: ({ digit, shift }) => !shift && digit !== null && digit > 0 && (rolled.value !== null || !dealt.value),
    run: ({ digit }) => {
      if (rolled.value) strike(digit!)
      else if (entry.value.digit === null) change({ digit: digit! <= rules.value.sides ? digit : null })
      else change({ place: digit! <= rules.value.digits ? digit : null })
    },
  },
  {
    keys: 'O, T, H',
    does: 'the place by its letter',
    on: ({ key }) => entry.value.digit !== null && entry.value.place === null && key in LETTERS,
    run: ({ key }) => change({ place: LETTERS[key]! }),
  },
  { keys: 'N', does: 'none matches', on: (press) => isKey('n')(press) && rolled.value !== null, run: none },
  {
    keys: 'L',
    does: 'light up what matches',
    on: (press) => isKey('l')(press) && rolled.value !== null && !desk.veiled.value,
    run: () => (lit.value = !lit.value),
  },
  {
    keys: 'Backspace',
    does: 'another place, another digit',
    on: (press) => isKey('backspace')(press) && !dealt.value,
    run: () => change(entry.value.place === null ? { digit: null } : { place: null }),
  },
  {
    keys: 'Enter',
    does: 'roll, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !rolled.value,
    run: roll,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !rolled" icon="i-lucide-dices" @click="roll">Roll digit and place</DealKey>
    <template v-else>
      <!-- On a phone the roll makes room for the numbers once it is whole. -->
      <div v-if="!dealt" class="flex flex-wrap items-center gap-x-4 gap-y-1.5" :class="{ 'max-sm:hidden': rolled }">
        <div class="flex flex-wrap gap-1.5" role="group" aria-label="Digit rolled">
          <Key
            v-for="digit in facesOfDie(rules.sides)"
            :key="digit"
            class="digit figures"
            :aria-pressed="entry.digit === digit"
            :aria-label="`Digit ${digit}`"
            @click="change({ digit })"
            >{{ digit }}</Key
          >
        </div>
        <div class="flex flex-wrap gap-1.5" role="group" aria-label="Place rolled">
          <Key v-for="place in places" :key="place" :aria-pressed="entry.place === place" @click="change({ place })"
            >{{ PLACES[place - 1] }} <span class="figures text-(--ink-soft)">{{ place }}</span></Key
          >
        </div>
      </div>
      <div v-if="rolled" class="flex flex-wrap items-center gap-1.5">
        <b class="text-lg"
          ><span class="figures">{{ rolled.digit }}</span> in the {{ PLACES[rolled.place - 1] }}: touch the number</b
        >
        <Key v-if="!dealt" class="sm:hidden" aria-label="Another roll" @click="change({ digit: null, place: null })"
          ><UIcon name="i-lucide-delete" class="size-5"
        /></Key>
        <Key
          v-for="(number, n) in state.boards[seat - 1]"
          :key="n"
          class="figures !min-w-11 !px-2"
          :aria-label="`In number ${n + 1}`"
          @click="strike(n + 1)"
          >{{ n + 1 }}</Key
        >
        <Key kbd="N" @click="none">None</Key>
        <Key v-if="!desk.veiled.value" class="ml-auto" :aria-pressed="lit" kbd="L" @click="lit = !lit"
          ><UIcon name="i-lucide-lightbulb" class="size-5" /> Show matches</Key
        >
      </div>
      <HowKeys
        v-if="rolled && manner.explain !== 'off'"
        :model-value="told"
        :required="manner.explain === 'required'"
        @update:model-value="tell"
      />
    </template>
  </div>
</template>

<style scoped>
.digit {
  min-width: 2.9rem;
  padding: 0 0.4rem;
  font-size: 1.4rem;
}
</style>
