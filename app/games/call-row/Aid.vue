<script setup lang="ts">
import { countCalls, shortestCalls } from '#core/games/call-row/advice'
import { callRow } from '#core/games/call-row/index'
import { showWorking } from '#core/contract/working'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** How many calls the row holds now; which ones only when asked once more. */
const { tape } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(callRow, () => tape)
const counted = useAsked(() => tape)
const shown = useAsked(() => tape)
const count = computed(() => (counted.value ? countCalls(rules.value, state.value.row) : 0))
const calls = computed(() => (shown.value ? shortestCalls(rules.value, state.value, 24) : []))
const write = (terms: (typeof calls.value)[number]['terms']) =>
  showWorking({ kind: 'equation', terms, equals: rules.value.target })
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="counted" @click="((counted = !counted), (shown = false))"
      ><UIcon name="i-lucide-search" class="size-5" /> Is there a call in the row?</Key
    >
    <div v-if="counted" role="status" class="space-y-2">
      <p>
        <template v-if="count === 0">There is none now: deal another card.</template>
        <template v-else-if="count === 1">There is <b>one</b>.</template>
        <template v-else
          >There are <b class="figures">{{ count }}</b> different ones.</template
        >
      </p>
      <Key v-if="count" :aria-pressed="shown" @click="shown = !shown"
        >Show {{ count === 1 ? 'it' : 'the shortest' }}</Key
      >
      <ul v-if="shown" class="figures flex flex-wrap gap-x-5">
        <li v-for="({ terms }, i) in calls" :key="i">{{ write(terms) }}</li>
      </ul>
    </div>
  </div>
</template>
