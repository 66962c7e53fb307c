<script setup lang="ts">
import type { About } from '#core/contract/game'
import { ERRS, PLAYERS, type PlayerKind } from '#core/lab/players'

/** Who plays how; the first of them begins. */
const { about } = defineProps<{ about: About }>()
const players = defineModel<PlayerKind[]>({ required: true })
const LABELS: Readonly<Record<PlayerKind, string>> = { careless: 'Careless', careful: 'Careful', best: 'Best' }
const hint = (kind: PlayerKind) =>
  kind === 'best'
    ? 'the game’s own advice, no slips'
    : `${ERRS[kind].decisions} of 100 decisions are any that stand, ${ERRS[kind].answers} of 100 answers are wrong`
const KINDS = PLAYERS.map((value) => ({ value, label: LABELS[value] }))
const set = (at: number, kind: PlayerKind) => (players.value = players.value.map((each, i) => (i === at ? kind : each)))
</script>

<template>
  <fieldset class="space-y-2">
    <legend class="contents"><span class="block font-bold text-lg">Who plays how</span></legend>
    <div v-for="(kind, i) in players" :key="i" class="flex flex-wrap items-center gap-2">
      <Pennant :number="i + 1" size="1.4rem" />
      <span class="w-20" aria-hidden="true">{{ i ? `Player ${i + 1}` : 'Begins' }}</span>
      <ChoiceRow
        :model-value="kind"
        :label="`Player ${i + 1}`"
        :choices="KINDS"
        quiet
        @update:model-value="set(i, $event)"
      />
    </div>
    <div class="flex gap-2">
      <Key
        :why="players.length >= about.seats.high && `${about.title} takes ${about.seats.high} at most.`"
        @click="players = [...players, players.at(-1) ?? 'careful']"
        ><UIcon name="i-lucide-plus" class="size-5" /> A player</Key
      >
      <Key
        :why="players.length <= about.seats.low && `${about.title} takes ${about.seats.low} at least.`"
        @click="players = players.slice(0, -1)"
        ><UIcon name="i-lucide-minus" class="size-5" /> One fewer</Key
      >
    </div>
    <p class="text-sm text-(--ink-soft)">
      Careless: {{ hint('careless') }}. Careful: {{ hint('careful') }}. Best: {{ hint('best') }}.
    </p>
  </fieldset>
</template>
