<script setup lang="ts">
import { sayItFirst } from '#core/games/say-it-first/index'
import type { Answer, Round } from '#core/games/say-it-first/rules'
import { countOf } from '#core/kit/pack'
import type { Explained } from '#core/contract/plays'
import { useFirstEntry } from '~/games/say-it-first/useFirstEntry'

/**
 * A card for each player, then who said what in the order in which it was spoken: the right answer is one touch on a player,
 * how it was explained records the round. Made for a table where everybody calls at once.
 */
const desk = useDesk()
const { seats } = desk
const { entry, rules, state, faces, full, right, play, addCard, removeCard, setCards, setAnswers } = useFirstEntry()
const { dealt, bring } = useDealing(sayItFirst)
const { typed, type, clear } = useTypedFace(() => faces.value, addCard)
/** Who was right and has still to say how. */
const waits = ref<number | null>(null)
/** Whose other answer is being typed. */
const other = ref<number | null>(null)
const number = ref('')
const said = computed(() => (/^-?\d+$/.test(number.value) ? Number(number.value) : null))
const explains = computed(() => rules.value.explain !== 'off')

watch(play, (now) => desk.enter(now && now.answers.length ? now : null), { immediate: true })
watch(
  () => entry.value.cards.length,
  () => ((waits.value = null), (other.value = null), (number.value = '')),
)
const spent = (card: number) =>
  countOf(state.value.gone, card) + countOf(entry.value.cards, card) >= rules.value.pack.copies
const has = (seat: number) => entry.value.answers.some(({ by }) => by === seat)

/** Records the round with one more answer, where it takes the cards; else the others go on calling. */
function add(answer: Answer) {
  const answers = [...entry.value.answers, answer]
  waits.value = other.value = null
  number.value = ''
  setAnswers(answers)
  if (answer.said === right.value && (answer.explained || rules.value.explain !== 'required')) record(answers)
}
function record(answers: readonly Answer[] = entry.value.answers) {
  desk.offer({ do: 'round', cards: entry.value.cards, answers } as Round)
}
function wasRight(seat: number) {
  // On their own nobody is shown what is right: the number is typed.
  if (desk.veiled.value) {
    other.value = other.value === seat ? null : seat
    waits.value = null
    return
  }
  if (!explains.value) add({ by: seat, said: right.value })
  else {
    waits.value = waits.value === seat ? null : seat
    other.value = null
  }
}
const tell = (told: Explained) => waits.value !== null && add({ by: waits.value, said: right.value, ...told })
function wasWrong() {
  if (other.value === null || said.value === null) return
  const by = other.value
  if (said.value !== right.value || !explains.value) return add({ by, said: said.value })
  // It was right after all: how it was found comes next.
  other.value = null
  number.value = ''
  waits.value = by
}
function turn() {
  bring({ do: 'round' }, (came) => setCards(came.cards))
}
const seatOf = (key: string) => Number(/^f([1-4])$/.exec(key)?.[1] ?? 0)

usePad([
  {
    keys: '0 … 9',
    does: 'a card for each player',
    on: ({ digit, shift }) => !shift && !dealt.value && !full.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  {
    keys: 'F1 … F4',
    does: 'this player was right (with Shift: said something else)',
    on: ({ key }) => full.value && seatOf(key) >= 1 && seatOf(key) <= seats.value.length,
    run: ({ key, shift }) => (shift ? ((other.value = seatOf(key)), (waits.value = null)) : wasRight(seatOf(key))),
  },
  {
    keys: 'E',
    does: 'and said how: records the round',
    on: (press) => isKey('e')(press) && waits.value !== null,
    run: () => tell({ explained: true }),
  },
  {
    keys: 'figures, Enter',
    does: 'the other answer that was said',
    on: ({ digit, key }) => other.value !== null && (digit !== null || key === 'enter' || key === '-'),
    run: ({ digit, key }) => (key === 'enter' ? wasWrong() : (number.value += digit === null ? '-' : String(digit))),
  },
  {
    keys: 'N',
    does: 'nobody (else) knew: records the round',
    on: (press) => isKey('n')(press) && full.value,
    run: () => record(),
  },
  {
    keys: 'Backspace',
    does: 'the last card or answer is taken away',
    on: isKey('backspace'),
    run: () =>
      entry.value.answers.length
        ? setAnswers(entry.value.answers.slice(0, -1))
        : (clear(), setCards(entry.value.cards.slice(0, -1))),
  },
  {
    keys: 'Enter',
    does: 'turn, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !full.value,
    run: turn,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !full" icon="i-lucide-layers" @click="turn">Everyone turns a card</DealKey>
    <template v-else-if="!full">
      <p class="flex flex-wrap items-center gap-2 min-h-11">
        <Entered :values="entry.cards" kind="card" size="2rem" @remove="removeCard" />
        <span
          ><b>{{ seats[entry.cards.length]?.name }}</b> turned … {{ typed }}</span
        >
      </p>
      <CardKeys :cards="faces" :spent="spent" :label="(card) => `Turned a ${card}`" @pick="addCard" />
    </template>
    <template v-else>
      <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <Entered v-if="!dealt" :values="entry.cards" kind="card" size="2rem" @remove="removeCard" />
        <button
          v-for="(answer, i) in entry.answers"
          :key="i"
          type="button"
          class="answer"
          :aria-label="`Remove ${seats[answer.by - 1]?.name}’s ${answer.said}`"
          @mousedown.prevent
          @click="setAnswers(entry.answers.filter((_, at) => at !== i))"
        >
          {{ seats[answer.by - 1]?.name }} <b class="figures">{{ minus(answer.said) }}</b>
          <UIcon :name="answer.said === right ? 'i-lucide-message-circle-off' : 'i-lucide-x'" class="size-4" />
        </button>
      </div>
      <div class="grid gap-1.5 grid-cols-[repeat(auto-fit,minmax(15rem,1fr))]">
        <div v-for="(seat, i) in seats" :key="i" class="flex gap-1">
          <Key
            class="grow min-w-0"
            :main="!has(i + 1) && (waits === null || waits === i + 1)"
            :class="{ waits: waits === i + 1 }"
            :aria-pressed="waits === i + 1"
            :kbd="`F${i + 1}`"
            @click="wasRight(i + 1)"
            ><Pennant :number="seat.pennant" size="1.3rem" /> <span class="truncate">{{ seat.name }}</span> said
            <b class="figures">{{ desk.veiled.value ? '…' : minus(right) }}</b></Key
          >
          <Key
            v-if="!desk.veiled.value"
            :aria-pressed="other === i + 1"
            :aria-label="`${seat.name} said another number`"
            @click="((other = other === i + 1 ? null : i + 1), (waits = null))"
            >…</Key
          >
        </div>
      </div>
      <template v-if="waits !== null">
        <div class="flex flex-wrap items-center gap-1.5">
          <Key kbd="E" main @click="tell({ explained: true })">Said how</Key>
          <Key @click="tell(rules.explain === 'required' ? { explained: false } : {})">Not explained</Key>
          <HowKeys
            class="min-w-0"
            :model-value="{}"
            :required="rules.explain === 'required'"
            @update:model-value="tell"
          />
        </div>
      </template>
      <div v-else-if="other !== null" class="flex flex-wrap items-center gap-2">
        <NumberKeys v-model="number" class="grow" minus />
        <Key main :why="said === null && 'Enter first what was said.'" @click="wasWrong"
          >{{ seats[other - 1]?.name }} said {{ number || '…' }}</Key
        >
      </div>
      <Key v-else class="w-full" kbd="N" @click="record()"
        ><UIcon name="i-lucide-cooking-pot" class="size-5" /> Nobody {{ entry.answers.length ? 'else ' : '' }}knew</Key
      >
    </template>
  </div>
</template>

<style scoped>
.answer {
  display: inline-flex;
  align-items: center;
  gap: 0.35rem;
  min-height: 2.75rem;
  padding: 0 0.7rem;
  border: 1px solid var(--refused);
  border-radius: 2rem;
  cursor: pointer;
}
</style>
