<script setup lang="ts">
import { total } from '#core/kit/dice'
import { allDice } from '#core/games/brim/dice'
import type { BrimRules, BrimState } from '#core/games/brim/rules'

/** Brim for the room: the dice as they lie, and how full it is once the sum may be seen. */
const { rules, view, secret } = defineProps<{
  rules: BrimRules
  view: BrimState
  seats: readonly unknown[]
  turn: readonly number[]
  secret: boolean
}>()

const dice = computed(() => allDice(view))
</script>

<template>
  <div class="space-y-4">
    <div class="flex flex-wrap gap-3 min-h-24 items-center">
      <Die
        v-for="(face, i) in dice"
        :key="i"
        :face="face"
        :sides="rules.sides"
        size="5rem"
        :frozen="i < view.frozen.length"
      />
      <p v-if="!dice.length" class="text-2xl text-(--ink-soft)">The dice are in the hand.</p>
    </div>
    <p v-if="secret" class="text-2xl font-semibold">
      Up to <b class="figures">{{ rules.limit }}</b>. How much is it?
    </p>
    <BrimGauge v-else :dice="dice" :frozen="view.frozen.length" :limit="rules.limit" :sum="total(dice)" />
  </div>
</template>
