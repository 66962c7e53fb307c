<script setup lang="ts">
import type { Travel } from '#core/games/hundred-stops/rules'
import type { Told } from '#core/plays'
import type { Tape } from '#core/tape'
import type { Desk } from '~/composables/useDesk'
import { useStopsEntry } from '~/games/hundred-stops/useStopsEntry'
import type { Seat } from '~/utils/matches'

/** The dice, the spinner, then the hops; at the end what was said. */
const { tape, desk } = defineProps<{ tape: Tape; seats: readonly Seat[]; desk: Desk }>()

const { entry, rules, state, rolled, tensLeft, hopsLeft, order, at, isHome, complete, play, addDie, spin, hop, walk, spendRest, back } = useStopsEntry(() => tape)
const dealer = useDealer()
const told = ref<Told>({})
const faces = computed(() => Array.from({ length: rules.value.sides }, (_, i) => i + 1))
const spins = computed(() => [...new Set(rules.value.hundreds)].sort((a, b) => a - b))
const diceDone = computed(() => entry.value.dice.length === rules.value.dice)

watch(play, (now) => desk.enter(now), { immediate: true })
watch(state, () => (told.value = {}))

function draw() {
  dealer.deal({}, (dealt) => {
    const { dice, hundreds } = dealt as Travel
    entry.value = { dice, hundreds, steps: [] }
  })
}
function record(said: number | null) {
  if (play.value) desk.offer({ ...play.value, ...(said === null ? {} : { said }), ...told.value } as Travel)
}

function press(event: KeyboardEvent) {
  if (isForeign(event)) return
  const key = event.key.toLowerCase()
  const digit = /^[1-9]$/.test(key) ? Number(key) : null
  if (digit && !dealer.dealt.value && !diceDone.value && digit <= rules.value.sides) addDie(digit)
  else if (digit && !dealer.dealt.value && !rolled.value && spins.value.includes(digit)) spin(digit)
  else if (digit && rolled.value && !complete.value) walk(digit)
  else if (key === 'h') hop()
  else if (key === 't') walk()
  else if (key === 'backspace') back()
  else if (key === 's' && complete.value) record(rules.value.answers === 'off' ? null : at.value)
  else if (key === 'enter' && !isButton(event) && dealer.dealt.value && !rolled.value) draw()
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <section class="space-y-3" aria-label="Pad">
    <button v-if="dealer.dealt.value && !rolled" class="key key-main w-full text-xl !min-h-14" @click="draw"><UIcon name="i-lucide-dices" class="size-6" /> Roll and spin</button>
    <div v-else-if="!diceDone" class="flex flex-wrap gap-2 items-center">
      <button v-for="face in faces" :key="face" class="key !px-2" :aria-label="`Rolled a ${face}`" @click="addDie(face)"><Die :face="face" :sides="rules.sides" size="2.3rem" /></button>
      <Die v-for="(face, i) in entry.dice" :key="`d${i}`" :face="face" :sides="rules.sides" size="2rem" class="ml-2" />
      <button class="key" :disabled="!entry.dice.length" aria-label="Remove the last" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></button>
    </div>
    <div v-else-if="!rolled" class="flex flex-wrap gap-2 items-center">
      <Die v-for="(face, i) in entry.dice" :key="i" :face="face" :sides="rules.sides" size="2.6rem" />
      <span class="font-semibold">and the spinner:</span>
      <button v-for="hundreds in spins" :key="hundreds" class="key" :aria-label="`Spun ${hundreds} hundred`" @click="spin(hundreds)">{{ hundreds }} × 100</button>
      <button class="key" aria-label="Remove the last" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></button>
    </div>
    <template v-else>
      <div class="flex flex-wrap gap-2 items-center">
        <Die v-for="(face, i) in entry.dice" :key="i" :face="face" :sides="rules.sides" size="2.3rem" />
        <b class="figures text-xl">+ {{ entry.hundreds }} × 100</b>
        <span class="figures px-2">{{ order.join(' ') || 'in which order?' }}</span>
        <button class="key" aria-label="Remove the last" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></button>
      </div>
      <div v-if="!complete" class="flex flex-wrap gap-2">
        <button class="key flex-1" :disabled="hopsLeft === 0" @click="hop"><UIcon name="i-lucide-redo" class="size-5" /> Hop 100 <span class="font-normal">{{ hopsLeft }} left</span></button>
        <button class="key flex-1" :disabled="tensLeft === 0" @click="walk()"><UIcon name="i-lucide-move-right" class="size-5" /> Walk 10 <span class="font-normal">{{ tensLeft }} left</span></button>
        <button class="key" :disabled="tensLeft === 0" @click="walk(tensLeft)">Walk all {{ tensLeft }}</button>
        <button v-if="isHome" class="key key-main" @click="spendRest">Home: the rest is dropped</button>
      </div>
      <AnswerKeys v-else :right="at" :answers="rules.answers" :label="`Ends on ${at}`" shortcut="S" @answer="record" />
      <HowKeys v-if="complete && rules.explain !== 'off'" v-model="told" :required="rules.explain === 'required'" />
    </template>
  </section>
</template>
