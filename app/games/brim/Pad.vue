<script setup lang="ts">
import { total } from '#core/dice'
import { allDice, type Stop } from '#core/games/brim/rules'
import type { Told } from '#core/plays'
import type { Tape } from '#core/tape'
import type { Desk } from '~/composables/useDesk'
import type { Seat } from '~/utils/matches'
import { useBrimEntry } from '~/games/brim/useBrimEntry'

/** Brim's pad: faces by touch or by digit, then record; or stop, with the sum that was said. */
const { tape, desk } = defineProps<{ tape: Tape; seats: readonly Seat[]; desk: Desk }>()

const { entry, rules, state, wanted, complete, rollable, play, toggle, add, back } = useBrimEntry(() => tape)

const dealer = useDealer()
const keep = computed(() => entry.value.keep.map((place) => state.value.loose[place]!))

const faces = computed(() => Array.from({ length: rules.value.sides }, (_, i) => i + 1))
const sum = computed(() => total(allDice(state.value)))
const mayStop = computed(() => state.value.rolled > 0)
const told = ref<Told>({})

watch(play, (now) => desk.enter(now), { immediate: true })
watch(state, () => (told.value = {}))

function rollDealt() {
  dealer.deal({ keep: keep.value })
}

function recordRoll() {
  if (play.value) desk.offer(play.value)
}

function stop(said: number | null) {
  const stopping: Stop = { do: 'stop', by: state.value.turn, ...(said === null ? {} : { said }), ...told.value }
  desk.offer(stopping)
}

/** Digits are faces; with Shift they freeze the loose die at that place. */
function press(event: KeyboardEvent) {
  if (isForeign(event)) return
  const digit = /^(?:Digit|Numpad)([1-9])$/.exec(event.code)?.[1]
  if (digit && event.shiftKey) toggle(Number(digit) - 1)
  else if (dealer.dealt.value && rollable.value && event.key === 'Enter' && !isButton(event)) rollDealt()
  else if (!dealer.dealt.value && digit && Number(digit) <= rules.value.sides) add(Number(digit))
  else if (event.key === 'Backspace') back()
  else if (event.key === 'Enter' && !isButton(event) && play.value) recordRoll()
  else if (event.key.toLowerCase() === 's' && mayStop.value) stop(rules.value.answers === 'off' ? null : sum.value)
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <section class="space-y-3" aria-label="Pad">
    <button v-if="rollable && dealer.dealt.value" class="key key-main w-full text-xl !min-h-14" :disabled="wanted === 0" @click="rollDealt">
      <UIcon name="i-lucide-dices" class="size-6" /> {{ keep.length ? `Freeze ${keep.join(' ')} and roll ${wanted}` : `Roll ${wanted} dice` }}
    </button>
    <div v-else-if="rollable" class="flex flex-wrap items-stretch gap-2">
      <button
        v-for="face in faces"
        :key="face"
        class="key face"
        :disabled="entry.dice.length >= wanted"
        :aria-label="`Rolled a ${face}`"
        @click="add(face)"
      >
        <Die :face="face" :sides="rules.sides" size="2.3rem" />
      </button>
      <button class="key" :disabled="!entry.dice.length && !entry.keep.length" aria-label="Remove the last" @click="back">
        <UIcon name="i-lucide-delete" class="size-6" />
      </button>
      <button class="key key-main flex-1 min-w-44" :disabled="!complete" @click="recordRoll">
        <UIcon name="i-lucide-check" class="size-5" />
        {{ complete ? 'Record the roll' : `${wanted - entry.dice.length} ${wanted - entry.dice.length === 1 ? 'die' : 'dice'} to enter` }}
      </button>
    </div>
    <AnswerKeys
      v-if="mayStop"
      :right="sum"
      :answers="rules.answers"
      :label="sum > rules.limit ? `Stop at ${sum}` : `Stop and bank ${sum}`"
      shortcut="S"
      @answer="stop"
    />
    <HowKeys v-if="mayStop && rules.explain !== 'off'" v-model="told" :required="rules.explain === 'required'" />
  </section>
</template>

<style scoped>
.face {
  padding: 0.3rem 0.5rem;
}
</style>
