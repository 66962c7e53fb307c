<script setup lang="ts">
import { hundredStops } from '#core/games/hundred-stops/index'
import { useStopsEntry } from '~/games/hundred-stops/useStopsEntry'
import { sayOrder } from '#core/games/hundred-stops/wording'

/** The dice, the spinner, then the hops; at the end what was said. */
const desk = useDesk()
const {
  entry,
  rules,
  rolled,
  tensLeft,
  hopsLeft,
  order,
  at,
  isHome,
  complete,
  play,
  addDie,
  spin,
  hop,
  walk,
  spendRest,
  removeDie,
  back,
} = useStopsEntry()
const spins = computed(() => [...new Set(rules.value.hundreds)].sort((a, b) => a - b))
const diceDone = computed(() => entry.value.dice.length === rules.value.dice)
/** What a pip walks and what a hop jumps. */
const step = computed(() => rules.value.unit)
const leap = computed(() => 10 * rules.value.unit)
const { dealt, bring } = useDealing(hundredStops)
/** On their own somebody may take the way for the end of it. */
const { notYet, miss } = useNotYet(() => order.value)

watch(play, (now) => desk.enter(now), { immediate: true })

usePutAway(() => (entry.value = { ...entry.value, steps: [] }))

function draw() {
  bring({ do: 'travel', by: desk.seat.value }, ({ dice, hundreds }) => {
    entry.value = { dice, hundreds, steps: [] }
  })
}

usePad([
  {
    keys: '1 … 6',
    does: 'a die, then the spinner',
    on: ({ digit, shift }) =>
      !shift &&
      !dealt.value &&
      !rolled.value &&
      digit !== null &&
      (diceDone.value ? spins.value.includes(digit) : digit >= 1 && digit <= rules.value.sides),
    run: ({ digit }) => (diceDone.value ? spin(digit!) : addDie(digit!)),
  },
  {
    keys: '1 … 9',
    does: 'so many steps walked',
    on: ({ digit }) => rolled.value && !complete.value && Boolean(digit),
    run: ({ digit }) => walk(digit!),
  },
  { keys: 'H', does: 'hop', on: isKey('h'), run: hop },
  { keys: 'T', does: 'walk one step', on: isKey('t'), run: () => walk() },
  { keys: 'Backspace', does: 'one step back', on: isKey('backspace'), run: back },
  {
    keys: 'Enter',
    does: 'roll and spin, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !rolled.value,
    run: draw,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !rolled" icon="i-lucide-dices" @click="draw">Roll and spin</DealKey>
    <div v-else-if="!diceDone" class="flex flex-wrap gap-1.5 items-center">
      <DieKeys :sides="rules.sides" @pick="addDie" />
      <Key :why="!entry.dice.length && 'No die is entered yet.'" aria-label="Remove the last" @click="back"
        ><UIcon name="i-lucide-delete" class="size-6"
      /></Key>
      <Entered :values="entry.dice" kind="die" :sides="rules.sides" @remove="removeDie" />
    </div>
    <div v-else-if="!rolled" class="flex flex-wrap gap-1.5 items-center">
      <Entered :values="entry.dice" kind="die" :sides="rules.sides" @remove="removeDie" />
      <span class="font-semibold">and the spinner:</span>
      <Key
        v-for="hundreds in spins"
        :key="hundreds"
        :aria-label="`Spun ${hundreds} ${step === 1 ? 'ten' : 'hundred'}`"
        @click="spin(hundreds)"
        >{{ hundreds }} × {{ leap }}</Key
      >
      <Key aria-label="Remove the last" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></Key>
    </div>
    <template v-else>
      <div class="flex flex-wrap gap-1.5 items-center">
        <Entered :values="entry.dice" kind="die" :sides="rules.sides" @remove="removeDie" />
        <b class="figures text-xl">+ {{ entry.hundreds }} × {{ leap }}</b>
        <span class="px-2 min-h-6">{{ order.length ? sayOrder(order, rules.unit) : 'in which order?' }}</span>
        <Key aria-label="Remove the last" @click="back"><UIcon name="i-lucide-delete" class="size-6" /></Key>
      </div>
      <div v-if="!complete" class="flex flex-wrap gap-1.5">
        <Key class="flex-1" :why="hopsLeft === 0 && 'No hops are left.'" @click="hop"
          ><UIcon name="i-lucide-redo" class="size-5" /> Hop {{ leap }}
          <span class="font-normal">{{ hopsLeft }} left</span></Key
        >
        <Key class="flex-1" :why="tensLeft === 0 && 'No steps are left.'" @click="walk()"
          ><UIcon name="i-lucide-move-right" class="size-5" /> Walk {{ step }}
          <span class="font-normal">{{ tensLeft }} left</span></Key
        >
        <Key :why="tensLeft === 0 && 'No steps are left.'" @click="walk(tensLeft)">Walk all {{ tensLeft }}</Key>
        <Key v-if="desk.veiled.value" @click="isHome ? spendRest() : miss()">Home: drop the rest</Key>
        <Key v-else-if="isHome" main @click="spendRest">Home: the rest is dropped</Key>
        <NotYet :on="notYet" />
      </div>
      <SayAndExplain v-else-if="play" :right="at" :label="`Ends on ${at}`" :play="(told) => ({ ...play!, ...told })" />
    </template>
  </div>
</template>
