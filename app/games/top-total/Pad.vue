<script setup lang="ts">
import { topTotal } from '#core/games/top-total/index'
import { useTopEntry } from '~/games/top-total/useTopEntry'

/** The dice, then what was said. Where nothing is asked for, the last die records. */
const desk = useDesk()
const manner = useManner()
const { entry, rules, left, result, play, add, remove } = useTopEntry()
const { dealt, bring } = useDealing(topTotal)
const asks = computed(() => manner.value.answers !== 'off' || manner.value.explain === 'required')

watch(
  play,
  (now) => {
    if (now && !asks.value) desk.offerWhole(now, () => remove(entry.value.dice.length - 1))
    else desk.enter(now)
  },
  { immediate: true },
)

function roll() {
  bring({ do: 'roll', by: desk.seat.value }, (came) => (entry.value = { dice: came.dice }))
}

usePad([
  {
    keys: '1 … 9',
    does: 'a die shows this',
    on: ({ digit, shift }) =>
      !shift && !dealt.value && left.value > 0 && digit !== null && digit >= 1 && digit <= rules.value.sides,
    run: ({ digit }) => add(digit!),
  },
  {
    keys: 'Backspace',
    does: 'remove the last die',
    on: isKey('backspace'),
    run: () => remove(entry.value.dice.length - 1),
  },
  {
    keys: 'Enter',
    does: 'roll, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && left.value > 0,
    run: roll,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && left > 0" icon="i-lucide-dices" @click="roll"
      >Roll {{ rules.dice === 1 ? 'the die' : `${rules.dice} dice` }}</DealKey
    >
    <div v-else class="flex flex-wrap items-center gap-1.5">
      <DieKeys
        v-if="!dealt"
        :sides="rules.sides"
        :why="left === 0 && 'Every die is entered; touch one to remove it.'"
        @pick="add"
      />
      <Entered :values="entry.dice" kind="die" :sides="rules.sides" @remove="dealt || remove($event)" />
      <span v-if="left > 0" class="text-(--ink-soft)">{{
        left === 1 ? 'one die to enter' : `${left} dice to enter`
      }}</span>
    </div>
    <SayAndExplain v-if="play" :right="result" :label="`Record ${result}`" :play="(told) => ({ ...play!, ...told })" />
  </div>
</template>
