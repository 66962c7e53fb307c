<script setup lang="ts">
import { dominoesLeft, pairsFor } from '#core/games/covered-part/advice'
import { coveredPart as game } from '#core/games/covered-part/index'
import { view } from '#core/games/covered-part/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** All pairs that make the total announced, and the dominoes that have not been hidden yet; only when asked. */
const { tape } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(game, () => tape)

const shown = useAsked(() => tape)
const total = computed(() => state.value.hidden?.total ?? state.value.history.at(-1)?.total ?? null)
const pairs = computed(() => (total.value === null ? [] : pairsFor(rules.value, total.value)))
/** The domino under the cover must not stand out by being missing. */
const left = computed(() => dominoesLeft(rules.value, view(rules.value, state.value)))
const sign = computed(() => (rules.value.combine === 'add' ? '+' : '×'))
</script>

<template>
  <div v-if="!tape.state.result && total !== null" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-puzzle" class="size-5" /> Which parts make {{ total }}?</Key
    >
    <div v-if="shown" role="status" class="space-y-1">
      <p class="figures">
        <span v-for="[a, b] in pairs" :key="`${a}-${b}`" class="mr-4 inline-block">{{ a }} {{ sign }} {{ b }}</span>
      </p>
      <p v-if="rules.pieces === 'dominoes'">
        {{ left.length }} dominoes have not been hidden:
        <span v-for="[a, b] in left" :key="`${a}-${b}`" class="figures mr-2 inline-block">{{ a }}|{{ b }}</span>
      </p>
    </div>
  </div>
</template>
