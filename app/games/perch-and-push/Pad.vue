<script setup lang="ts">
import { judgePlay } from '#core/match'
import type { Place } from '#core/games/perch-and-push/rules'
import type { Told } from '#core/plays'
import type { Tape } from '#core/tape'
import { sayNote, sayReason, speaking } from '#core/wording/index'
import type { Desk } from '~/composables/useDesk'
import { usePerchEntry } from '~/games/perch-and-push/usePerchEntry'
import type { Seat } from '~/utils/matches'

/** Two cards, then one of their results, here or on the board. */
const { tape, desk } = defineProps<{ tape: Tape; seats: readonly Seat[]; desk: Desk }>()

const { entry, rules, state, faces, complete, options, left, add, back, place, pass } = usePerchEntry(() => tape)
const dealer = useDealer()
const picked = useTouched<number>()
const told = ref<Told>({})

const choices = computed(() =>
  options.value.map((on, i) => {
    const { verdict } = judgePlay(tape.table, tape.state, { ...place(on), explained: true })
    const { game, players } = tape.table
    const note = verdict.notes[0]
    const says = verdict.reason ? sayReason(game, verdict.reason, speaking(players)) : note ? sayNote(game, note, speaking(players)) : ''
    return { on, key: 'AB'[i], working: verdict.working[0], says }
  }),
)
watch(picked, (on) => {
  if (on === null) return
  picked.value = null
  choose(on)
})
watch(state, () => (told.value = {}))
watch(complete, () => desk.enter(complete.value && !options.value.length ? pass() : null), { immediate: true })

function choose(on: number) {
  if (complete.value) desk.offer({ ...place(on), ...told.value })
}
function draw() {
  dealer.deal({}, (play) => (entry.value = { cards: (play as Place).cards }))
}

function press(event: KeyboardEvent) {
  if (isForeign(event)) return
  const key = event.key.toLowerCase()
  const card = key === 't' ? 10 : /^\d$/.test(key) ? Number(key) : null
  if (complete.value && (key === 'a' || key === 'b')) {
    const choice = choices.value[key === 'a' ? 0 : 1]
    if (choice) choose(choice.on)
  } else if (!dealer.dealt.value && card !== null && faces.value.includes(card)) add(card)
  else if (key === 'backspace') back()
  else if (key === 'enter' && !isButton(event)) {
    if (dealer.dealt.value && !complete.value) draw()
    else if (complete.value && !options.value.length) desk.offer(pass())
    else if (choices.value.length === 1) choose(choices.value[0]!.on)
    else return
  } else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <section class="space-y-3" aria-label="Pad">
    <template v-if="!complete">
      <button v-if="dealer.dealt.value" class="key key-main w-full text-xl !min-h-14" @click="draw"><UIcon name="i-lucide-layers" class="size-6" /> Draw {{ rules.draw }}</button>
      <div v-else class="flex flex-wrap items-center gap-2">
        <CardKeys :cards="faces" :chosen="entry.cards" :spent="(card) => left(card) <= 0" :label="(card) => `Drew a ${card}`" @pick="add" />
        <button class="key" :disabled="!entry.cards.length" aria-label="Remove the last" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></button>
        <p class="text-(--ink-soft)">{{ entry.cards.length ? `drew ${entry.cards.join(' ')}; one more` : `the ${rules.draw === 1 ? 'card' : 'two cards'} drawn` }}</p>
      </div>
    </template>
    <div v-else class="grid gap-2 sm:grid-cols-[auto_1fr_1fr] items-stretch">
      <span class="flex items-center gap-2">
        <PlayingCard v-for="(card, i) in entry.cards" :key="i" :value="card" size="2.6rem" />
        <button class="key" aria-label="Change the cards" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></button>
      </span>
      <button v-for="choice in choices" :key="choice.on" class="key !justify-start !h-auto py-2 text-left" @click="choose(choice.on)">
        <kbd class="kbd hidden lg:inline-flex">{{ choice.key }}</kbd>
        <span><WorkingLine v-if="choice.working" :working="choice.working" class="text-lg" /><span class="block text-sm font-normal">{{ choice.says }}</span></span>
      </button>
      <button v-if="!choices.length" class="key key-main" @click="desk.offer(pass())"><UIcon name="i-lucide-skip-forward" class="size-5" /> Everything is safe: pass</button>
    </div>
    <div class="flex flex-wrap gap-2 items-center">
      <HowKeys v-if="rules.explain !== 'off' && complete" v-model="told" :required="rules.explain === 'required'" />
      <button v-if="!entry.cards.length" class="key" @click="desk.offer({ do: 'reshuffle' })"><UIcon name="i-lucide-shuffle" class="size-5" /> Shuffle again</button>
      <p class="text-sm text-(--ink-soft)">{{ faces.length * rules.pack.copies - state.gone.length }} cards left to draw</p>
    </div>
  </section>
</template>
