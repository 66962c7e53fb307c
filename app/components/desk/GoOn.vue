<script setup lang="ts">
import { twoMinutesMore, waysOn, type WayOn } from '#core/kernel/goingOn'
import type { Tape } from '#core/kernel/tape'
import type { MatchStore } from '~/stores/match'

/** Nobody wants to stop yet: what makes the match go on, each on the tape, so that it can be taken back. */
const { tape, store } = defineProps<{ tape: Tape; store: MatchStore }>()

const ways = computed(() => waysOn(tape.table, tape.state))
const moreTime = computed(() => twoMinutesMore(tape, store.clock.used))
async function goOnPlaying() {
  for (const entry of moreTime.value ?? []) store.record(entry)
  // The server's clock knows the new length only once it has both.
  await until(() => store.waiting.length).toBe(0)
  await store.setClock('start')
}
const says = ({ kind, houseRules }: WayOn) =>
  ({
    round: 'Another round for all',
    turn: 'Another turn for all',
    breaks: 'Until it breaks',
    goal: `Higher goal: ${houseRules.goal}`,
  })[kind]
</script>

<template>
  <div v-if="ways.length || moreTime" class="flex flex-wrap items-center gap-2" role="group" aria-label="Go on">
    <p class="font-semibold" aria-hidden="true">Go on?</p>
    <Key v-for="way in ways" :key="way.kind" @click="store.record({ ruling: { houseRules: way.houseRules } })">{{
      says(way)
    }}</Key>
    <Key v-if="moreTime" @click="goOnPlaying"><UIcon name="i-lucide-timer" class="size-5" /> Two minutes more</Key>
  </div>
</template>
