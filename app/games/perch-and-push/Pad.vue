<script setup lang="ts">
import { perchAndPush } from '#core/games/perch-and-push/index'
import { judgePlay } from '#core/kernel/match'
import { packSize } from '#core/kit/pack'
import type { Explained } from '#core/contract/plays'
import { sayNote, sayReason, speaking } from '#core/wording/index'
import { usePerchEntry } from '~/games/perch-and-push/usePerchEntry'

/** Two cards, then one of their results, here or on the board. */
const desk = useDesk()
const manner = useManner()
const { entry, rules, state, faces, complete, options, left, add, remove, back, place, pass, results, texts, say } =
  usePerchEntry()
const picked = useTouched<number>()
const told = ref<Explained>({})
/** What was chosen and waits for its explanation. */
const waiting = ref<number | null>(null)
const { dealt, bring } = useDealing(perchAndPush)

const choices = computed(() => {
  const { table, state: now } = desk.tape.value!
  const say = speaking(table, now.rules)
  return options.value.map((on, i) => {
    const { verdict } = judgePlay(table, now, { ...place(on), said: results.value, explained: true })
    const note = verdict.notes[0]
    const says = verdict.reason
      ? sayReason(table.game, verdict.reason, say)
      : note
        ? sayNote(table.game, note, say)
        : ''
    return { on, key: 'AB'[i]!, working: verdict.working[0], says }
  })
})
const mustPass = computed(() => complete.value && !options.value.length)
watch(picked, (on) => {
  if (on === null) return
  picked.value = null
  choose(on)
})
watch(state, () => ((told.value = {}), (waiting.value = null)))
watch(mustPass, (now) => desk.enter(now && !desk.veiled.value ? pass() : null), { immediate: true })
/** On their own nobody is shown the results: they are said, and the place is touched. */
const blind = computed(() => desk.veiled.value)

usePutAway(() => (waiting.value = null))

function choose(on: number) {
  if (complete.value) waiting.value = desk.offer({ ...place(on), ...told.value }) ? null : on
}
function tell(now: Explained) {
  told.value = now
  if (waiting.value !== null && now.explained) choose(waiting.value)
}
function draw() {
  bring({ do: 'place', by: desk.seat.value }, (play) => (entry.value = { cards: play.cards }))
}
function enter() {
  if (dealt.value && !complete.value) draw()
  else if (mustPass.value) desk.offer(pass())
  else choose(choices.value[0]!.on)
}

usePad([
  {
    keys: 'A, B',
    does: 'the first or second result',
    on: ({ key }) => complete.value && !blind.value && choices.value.some((choice) => choice.key.toLowerCase() === key),
    run: ({ key }) => choose(choices.value[key === 'a' ? 0 : 1]!.on),
  },
  {
    keys: '0 … 9, T',
    does: 'a card drawn (T is ten)',
    on: ({ card }) => !dealt.value && card !== null && faces.value.includes(card),
    run: ({ card }) => add(card!),
  },
  { keys: 'Backspace', does: 'remove the last card', on: isKey('backspace'), run: back },
  {
    keys: 'Enter',
    does: 'draw, pass, or take the only result',
    on: (press) =>
      isKey('enter')(press) &&
      (complete.value ? !blind.value && (mustPass.value || choices.value.length === 1) : dealt.value),
    run: enter,
  },
])
</script>

<template>
  <div class="space-y-2">
    <template v-if="!complete">
      <DealKey v-if="dealt" icon="i-lucide-layers" @click="draw">Draw {{ rules.draw }}</DealKey>
      <div v-else class="flex flex-wrap items-center gap-1.5">
        <CardKeys
          :cards="faces"
          :chosen="entry.cards"
          :spent="(card) => left(card) <= 0"
          :label="(card) => `Drew a ${card}`"
          @pick="add"
        />
        <Key :why="!entry.cards.length && 'No card is entered yet.'" aria-label="Remove the last" @click="back"
          ><UIcon name="i-lucide-delete" class="size-6"
        /></Key>
        <Entered :values="entry.cards" kind="card" size="2rem" @remove="remove" />
        <p class="text-(--ink-soft)">
          {{ entry.cards.length ? 'one more' : `the ${rules.draw === 1 ? 'card' : 'two cards'} drawn` }}
        </p>
      </div>
    </template>
    <div v-else class="grid gap-1.5 sm:grid-cols-[auto_1fr_1fr] items-stretch">
      <span class="flex items-center gap-1.5">
        <Entered :values="entry.cards" kind="card" @remove="remove" />
        <Key aria-label="Change the cards" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></Key>
      </span>
      <p v-if="blind" class="self-center font-semibold">Say what each makes, then touch the place.</p>
      <Key
        v-for="choice in blind ? [] : choices"
        :key="choice.on"
        :kbd="choice.key"
        class="!justify-start !h-auto py-2 text-left"
        @click="choose(choice.on)"
      >
        <span
          ><WorkingLine v-if="choice.working" :working="choice.working" class="text-lg" /><span
            class="block text-sm font-normal"
            >{{ choice.says }}</span
          ></span
        >
      </Key>
      <Key v-if="blind || !choices.length" :main="!blind" @click="desk.offer(pass())"
        ><UIcon name="i-lucide-skip-forward" class="size-5" /> Everything is safe: pass</Key
      >
    </div>
    <div v-if="complete && manner.answers !== 'off'" class="flex flex-wrap gap-1.5 items-center">
      <Key v-if="!blind" :aria-pressed="texts.join() === results.join()" @click="say(results.map(String))"
        ><UIcon name="i-lucide-message-circle" class="size-5" />
        {{ results.length === 1 ? 'Said right' : 'Both said right' }}</Key
      >
      <UInput
        v-for="(card, i) in entry.cards"
        :key="i"
        :model-value="texts[i]"
        class="w-24"
        inputmode="numeric"
        maxlength="9"
        :placeholder="`for ${card}`"
        :aria-label="`Said for ${card}`"
        @update:model-value="say(texts.map((text, at) => (at === i ? String($event).trim() : text)))"
      />
    </div>
    <div class="flex flex-wrap gap-1.5 items-center">
      <HowKeys
        v-if="manner.explain !== 'off' && complete"
        :model-value="told"
        :required="manner.explain === 'required'"
        @update:model-value="tell"
      />
      <Key v-if="!entry.cards.length" @click="desk.offer({ do: 'reshuffle' })"
        ><UIcon name="i-lucide-shuffle" class="size-5" /> Shuffle again</Key
      >
      <p class="text-sm text-(--ink-soft)">{{ packSize(rules.pack) - state.gone.length }} cards left to draw</p>
    </div>
  </div>
</template>
