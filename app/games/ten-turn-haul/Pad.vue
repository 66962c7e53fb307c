<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import { useHaulEntry } from '~/games/ten-turn-haul/useHaulEntry'

/** The number spun, then the running total said. Numbers of two figures are typed figure by figure. */
const desk = useDesk()
const { entry, rules, state, total, play, spin } = useHaulEntry()
const { dealt, bring } = useDealing(tenTurnHaul)
const before = computed(() => ofSeat(state.value.totals, desk.seat.value))
const { typed, type, clear } = useTypedFace(() => rules.value.faces, spin)

watch(play, (now) => desk.enter(now), { immediate: true })

function turn() {
  bring({ do: 'spin', by: desk.seat.value }, (came) => spin(came.value))
}

usePad([
  {
    keys: '0 … 9',
    does: 'the number spun, figure by figure',
    on: ({ digit, shift }) => !shift && !dealt.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  { keys: 'Backspace', does: 'another number', on: isKey('backspace'), run: () => (clear(), spin(null)) },
  {
    keys: 'Enter',
    does: 'spin, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !play.value,
    run: turn,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !play" icon="i-lucide-loader-pinwheel" @click="turn">Spin</DealKey>
    <SpinKeys v-if="!dealt && !play" :faces="rules.faces" @pick="spin" />
    <p v-if="typed" class="text-(--ink-soft)">{{ typed }} …</p>
    <template v-if="play">
      <p class="flex flex-wrap items-center gap-2 text-2xl">
        <b class="figures">{{ before }} + {{ entry.value }}</b>
        <Key v-if="!dealt" aria-label="Another number" @click="spin(null)"
          ><UIcon name="i-lucide-delete" class="size-5"
        /></Key>
      </p>
      <SayAndExplain :right="total" :label="`Total ${total}`" :play="(told) => ({ ...play!, ...told })" />
    </template>
  </div>
</template>
