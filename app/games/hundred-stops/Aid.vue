<script setup lang="ts">
import { total } from '#core/dice'
import { bestOrder } from '#core/games/hundred-stops/advice'
import type { StopsRules, StopsState, Travel } from '#core/games/hundred-stops/rules'
import type { Tape } from '#core/tape'
import type { Seat } from '~/utils/matches'

/** Whether the last journey left tokens lying, only when asked: children should find it first. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const shown = ref(false)
watch(() => tape.state, () => (shown.value = false))
const last = computed(() => {
  const line = tape.lines.findLast(({ play, struck, verdict }) => play?.do === 'travel' && !struck && verdict.stands)
  if (!line) return null
  const play = line.play as Travel
  const [rules, state] = [line.before.rules as StopsRules, line.before.game as StopsState]
  const best = bestOrder(rules, state, play.by, total(play.dice), play.hundreds)
  const taken = (line.verdict.notes.find(({ code }) => code === 'arrived')?.facts.taken ?? []) as readonly number[]
  const gained = rules.worth === 'one' ? taken.length : total(taken)
  return { name: seats[play.by - 1]!.name, order: best.order.join(' '), more: best.gain - gained }
})
</script>

<template>
  <div v-if="last" class="flex flex-wrap items-center gap-3">
    <button class="key" :aria-pressed="shown" @click="shown = !shown"><UIcon name="i-lucide-eye" class="size-5" /> Was more to be had?</button>
    <p v-if="shown" role="status">
      <template v-if="last.more > 0">{{ last.more }} more {{ last.more === 1 ? 'was' : 'were' }} there for {{ last.name }}: <b class="figures">{{ last.order }}</b></template>
      <template v-else>{{ last.name }} took the best there was.</template>
    </p>
  </div>
</template>
