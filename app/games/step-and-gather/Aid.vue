<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { bringsFrom, stillToCome } from '#core/games/step-and-gather/advice'
import { stepAndGather } from '#core/games/step-and-gather/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** What each roll would bring to the one on turn, and what may still come to everybody; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(stepAndGather, () => tape)

const shown = useAsked(() => tape)
const brings = computed(() => bringsFrom(rules.value, ofSeat(state.value.places, state.value.turn)))
const rest = computed(() => state.value.places.map((at) => stillToCome(rules.value, at)))
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-footprints" class="size-5" /> What would each roll bring?</Key
    >
    <div v-if="shown" role="status" class="space-y-2">
      <ul class="flex flex-wrap gap-2" :aria-label="`Rolls of ${ofSeat(seats, state.turn).name}`">
        <li v-for="bring in brings" :key="bring.roll" class="flex items-center gap-1">
          <Die :face="bring.roll" :sides="rules.sides" size="1.7rem" /> <b class="figures">+{{ bring.gathered }}</b>
        </li>
      </ul>
      <ul>
        <li v-for="(seat, i) in seats" :key="i">
          {{ seat.name }}: at most <b class="figures">{{ rest[i]!.most }}</b> more, usually about
          <b class="figures">{{ Math.round(rest[i]!.mean) }}</b>
        </li>
      </ul>
    </div>
  </div>
</template>
