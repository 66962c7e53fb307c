<script setup lang="ts">
import { waysOn, type WayOn } from '#core/kernel/goingOn'
import type { Tape } from '#core/kernel/tape'

/** Nobody wants to stop yet: what makes the match go on, each a ruling on the tape that can be taken back. */
const { tape } = defineProps<{ tape: Tape }>()
const emit = defineEmits<{ rule: [houseRules: WayOn['houseRules']] }>()

const ways = computed(() => waysOn(tape.table, tape.state))
const says = ({ kind, houseRules }: WayOn) =>
  ({
    round: 'Another round for all',
    turn: 'Another turn for all',
    breaks: 'Until it breaks',
    goal: `Higher goal: ${houseRules.goal}`,
  })[kind]
</script>

<template>
  <div v-if="ways.length" class="flex flex-wrap items-center gap-2" role="group" aria-label="Go on">
    <p class="font-semibold" aria-hidden="true">Go on?</p>
    <Key v-for="way in ways" :key="way.kind" @click="emit('rule', way.houseRules)">{{ says(way) }}</Key>
  </div>
</template>
