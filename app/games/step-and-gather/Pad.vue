<script setup lang="ts">
import { stepAndGather } from '#core/games/step-and-gather/index'
import { useStepEntry } from '~/games/step-and-gather/useStepEntry'

/** The roll, then the running total said; where the piece stands elsewhere, that space is touched on the table. */
const desk = useDesk()
const { entry, rules, state, step, total, play, roll } = useStepEntry()
const { dealt, bring } = useDealing(stepAndGather)
const { typed, type, clear } = useTypedFace(() => Array.from({ length: rules.value.sides }, (_, i) => i + 1), roll)

watch(play, (now) => desk.enter(now), { immediate: true })

usePutAway(() => roll(entry.value.roll))

function rollDie() {
  bring({ do: 'step', by: desk.seat.value }, (came) => roll(came.roll))
}

usePad([
  {
    keys: '0 … 9',
    does: 'the roll',
    on: ({ digit, shift }) => !shift && !dealt.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  { keys: 'Backspace', does: 'another roll', on: isKey('backspace'), run: () => (clear(), roll(null)) },
  {
    keys: 'Enter',
    does: 'roll, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !play.value,
    run: rollDie,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !play" icon="i-lucide-dices" @click="rollDie">Roll the die</DealKey>
    <DieKeys v-if="!dealt && !play" :sides="rules.sides" @pick="roll" />
    <p v-if="typed" class="text-(--ink-soft)">{{ typed }} …</p>
    <template v-if="play && step">
      <p class="flex flex-wrap items-center gap-x-3 gap-y-1 text-lg">
        <Entered :values="[entry.roll!]" kind="die" :sides="rules.sides" @remove="dealt || roll(null)" />
        <span v-if="desk.veiled.value">Go there, and gather.</span>
        <span v-else-if="step.gathered || step.to !== state.places[desk.seat.value - 1]"
          >to space <b class="figures">{{ step.to }}</b>: gathers <b class="figures">{{ step.gathered }}</b></span
        >
        <span v-else>more than the way home: stays on space {{ step.to }}</span>
        <span v-if="!desk.veiled.value" class="text-sm text-(--ink-soft)">Stands elsewhere? Touch that space.</span>
      </p>
      <SayAndExplain :right="total" :label="`Total ${total}`" :play="(told) => ({ ...play!, ...told })" />
    </template>
  </div>
</template>
