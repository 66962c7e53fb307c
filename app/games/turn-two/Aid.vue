<script setup lang="ts">
import { chanceToMatch, knownMatch } from '#core/games/turn-two/advice'
import { turnTwo } from '#core/games/turn-two/index'
import { notStuck } from '#core/games/turn-two/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** Whether there is a match among what was seen; which one only when asked once more. */
const { tape } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(turnTwo, () => tape)
const asked = useAsked(() => tape)
const shown = useAsked(() => tape)
const match = computed(() => (asked.value ? knownMatch(rules.value, state.value) : null))
const chance = computed(() => (asked.value ? chanceToMatch(rules.value, state.value) : null))
const stuck = computed(() => notStuck(rules.value, state.value) === null)
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="asked" @click="((asked = !asked), (shown = false))"
      ><UIcon name="i-lucide-brain" class="size-5" /> Has a match been seen?</Key
    >
    <div v-if="asked" role="status" class="space-y-2">
      <p v-if="match">Yes, all of its cards have been seen.</p>
      <p v-else-if="stuck">No, and every place has been seen: lay it out again.</p>
      <p v-else>No.</p>
      <p v-if="chance !== null">
        A new place, turned at random, makes a match with what was seen: <b class="figures">{{ percent(chance) }}</b>
      </p>
      <Key v-if="match" :aria-pressed="shown" @click="shown = !shown">Show which</Key>
      <p v-if="match && shown" class="figures">
        {{ match.cards.map((card, i) => `${card} at place ${match!.at[i]}`).join(', ') }}
      </p>
    </div>
  </div>
</template>
