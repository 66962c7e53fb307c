<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { total } from '#core/kit/dice'
import { bestOrder } from '#core/games/hundred-stops/advice'
import { hundredStops } from '#core/games/hundred-stops/index'
import type { Travel } from '#core/games/hundred-stops/rules'
import { sayOrder } from '#core/games/hundred-stops/wording'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Whether the last journey left tokens lying, only when asked: children should find it first. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const { rules } = useTable(hundredStops, () => tape)
const shown = useAsked(() => tape)
const last = computed(() => {
  const line = tape.lines.findLast(({ play, struck, verdict }) => play?.do === 'travel' && !struck && verdict.stands)
  if (!line) return null
  const play = line.play as Travel
  const best = bestOrder(rules.value, stateIn(hundredStops, line.before), play.by, total(play.dice), play.hundreds)
  const taken = (line.verdict.notes.find(({ code }) => code === 'arrived')?.facts.taken ?? []) as readonly number[]
  const gained = rules.value.worth === 'one' ? taken.length : total(taken)
  return { name: ofSeat(seats, play.by).name, order: sayOrder(best.order, rules.value.unit), more: best.gain - gained }
})
</script>

<template>
  <div v-if="last" class="flex flex-wrap items-center gap-3">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-eye" class="size-5" /> Was more to be had?</Key
    >
    <p v-if="shown" role="status">
      <template v-if="last.more > 0"
        >{{ last.more }} more {{ last.more === 1 ? 'was' : 'were' }} there for {{ last.name }}:
        <b>{{ last.order }}</b></template
      >
      <template v-else>{{ last.name }} took the best there was.</template>
    </p>
  </div>
</template>
