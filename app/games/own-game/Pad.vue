<script setup lang="ts">
import { ownGame } from '#core/games/own-game/index'
import { judge, type OwnPlay } from '#core/games/own-game/rules'
import ThrowKeys from '~/games/own-game/ThrowKeys.vue'
import WayKeys from '~/games/own-game/WayKeys.vue'
import { useOwnEntry } from '~/games/own-game/useOwnEntry'
import { shownLater } from '~/games/view'

// Few recipes make a number or a sentence of the throw.
const DigitKeys = shownLater(() => import('~/games/own-game/DigitKeys.vue'))
const SentenceKeys = shownLater(() => import('~/games/own-game/SentenceKeys.vue'))

/** What was thrown, how it is used where one may choose, what it makes; or stopping, where the pot is one's own to keep. */
const desk = useDesk()
const own = useOwnEntry()
const { entry, rules, state, thrown, way, makes, play, put, setNumbers, add, remove, back } = own
const { dealt, bring } = useDealing(ownGame)

watch(play, (now) => desk.enter(now), { immediate: true })
/** What lies there stays; what was decided on it is put away. */
usePutAway(() => put({ way: null, order: [], calculation: '' }))

const judgedOf = (asked: OwnPlay) => judge(rules.value, state.value, asked, { overrule: false })
/** The right answer to what a play asks; null where it asks for none, or does not stand. */
function answerIn(judged: ReturnType<typeof judgedOf> | null): number | null {
  const answer = judged?.stands ? judged.asks?.answer : undefined
  return typeof answer === 'number' ? answer : null
}
const judged = computed(() => (play.value ? judgedOf(play.value) : null))
const right = computed(() => answerIn(judged.value))
const mayStop = computed(() => rules.value.throws === 'choice' && state.value.threw)
const stop = computed<OwnPlay>(() => ({ do: 'stop', by: desk.seat.value }))
const stopAnswer = computed(() => (mayStop.value ? answerIn(judgedOf(stop.value)) : null))
const keeps = computed(() =>
  state.value.pot < 0 ? `Stop: ${minus(state.value.pot)}` : `Stop and keep ${state.value.pot}`,
)

const draw = () => bring({ do: 'throw', by: desk.seat.value }, ({ numbers }) => setNumbers(numbers))
const { typed, type, clear } = useTypedFace(() => {
  const { brings } = rules.value
  if (brings.kind === 'spinner') return brings.faces
  const [low, high] =
    brings.kind === 'cards' ? [brings.pack.low, brings.pack.high] : [1, brings.sides[entry.value.numbers.length] ?? 6]
  return Array.from({ length: high - low + 1 }, (_, i) => low + i)
}, add)

usePad([
  {
    keys: '0 … 9',
    does: 'the next number of the throw, figure by figure',
    on: ({ digit, shift }) => !shift && !dealt.value && !thrown.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  { keys: 'Backspace', does: 'one step back', on: isKey('backspace'), run: () => (clear(), back()) },
  {
    keys: 'Enter',
    does: 'throw, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !thrown.value,
    run: draw,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !thrown" icon="i-lucide-dices" @click="draw">Throw</DealKey>
    <div class="flex flex-wrap items-center gap-1.5">
      <ThrowKeys v-if="!dealt && !thrown" :rules="rules" :at="entry.numbers.length" @pick="add" />
      <Entered
        :values="entry.numbers"
        :kind="rules.brings.kind === 'dice' ? 'die' : 'card'"
        :sides="rules.brings.kind === 'dice' ? Math.max(...rules.brings.sides) : 6"
        @remove="dealt || remove($event)"
      />
      <Key v-if="entry.numbers.length" aria-label="Remove the last" @click="back"
        ><UIcon name="i-lucide-delete" class="size-6"
      /></Key>
      <span v-if="typed" class="text-(--ink-soft)">{{ typed }} …</span>
    </div>
    <template v-if="thrown">
      <WayKeys
        v-if="rules.ways.length > 1"
        :model-value="way"
        :rules="rules"
        @update:model-value="put({ way: $event, order: [], calculation: '' })"
      />
      <DigitKeys
        v-if="makes === 'number'"
        :model-value="entry.order"
        :numbers="entry.numbers"
        @update:model-value="put({ order: $event })"
      />
      <SentenceKeys
        v-if="makes === 'calculation'"
        :model-value="entry.calculation"
        :rules="rules"
        :numbers="entry.numbers"
        @update:model-value="put({ calculation: $event })"
      />
      <SayAndExplain
        v-if="play && judged?.stands"
        :right="right ?? 0"
        :label="
          rules.asks === 'score'
            ? `Then ${minus(right ?? 0)}`
            : rules.asks === 'result'
              ? `Makes ${minus(right ?? 0)}`
              : 'Record the throw'
        "
        :asks="rules.asks !== 'nothing'"
        minus
        :play="(told) => ({ ...play!, ...told })"
      />
    </template>
    <SayAndExplain
      v-if="mayStop && !entry.numbers.length"
      :right="stopAnswer ?? 0"
      :label="keeps"
      :asks="rules.asks === 'score'"
      minus
      :play="({ said }) => ({ ...stop, ...(said === undefined ? {} : { said }) })"
    />
  </div>
</template>
