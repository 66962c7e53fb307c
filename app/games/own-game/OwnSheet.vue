<script setup lang="ts">
import type { OwnState } from '#core/games/own-game/state'
import type { OwnRules } from '#core/games/own-game/houseRules'
import OwnThrow from '~/games/own-game/OwnThrow.vue'
import OwnTowers from '~/games/own-game/OwnTowers.vue'
import { isRing } from '~/games/own-game/ring'
import { shownLater } from '~/games/view'

// Most recipes have no track.
const OwnRing = shownLater(() => import('~/games/own-game/OwnRing.vue'))
const OwnTrack = shownLater(() => import('~/games/own-game/OwnTrack.vue'))
const RingScores = shownLater(() => import('~/games/own-game/RingScores.vue'))

/** What an own game looks like: the newest throw, the track or the ring, everybody's tower. */
const {
  rules,
  state,
  seats,
  turn = null,
  numbers = [],
  secret = false,
} = defineProps<{
  rules: OwnRules
  state: OwnState
  seats: readonly { readonly name: string; readonly pennant: number }[]
  turn?: number | null
  /** What is being entered; the newest throw is shown where nothing is. */
  numbers?: readonly number[]
  /** Nothing may tell what the newest throw comes to. */
  secret?: boolean
}>()
const shown = computed(() => (numbers.length ? numbers : (state.newest?.numbers ?? [])))
/** Points have towers; places stand on the track, and only who misses a turn is told of. */
const towers = computed(() => rules.counts === 'points' || state.misses.some(Boolean))
const sheet = useTemplateRef('sheet')
const { width } = useElementSize(sheet)
/** Pixels from which a ring has room for its numbers. */
const RING = 620
const ring = computed(() => width.value >= RING && isRing(rules))
</script>

<template>
  <div ref="sheet" class="space-y-3">
    <OwnThrow v-if="!ring" :rules="rules" :pot="state.pot" :numbers="shown" :secret="secret" />
    <OwnRing v-if="ring" :rules="rules" :state="state" :seats="seats">
      <OwnThrow :rules="rules" :pot="state.pot" :numbers="shown" :secret="secret" class="justify-center" />
      <RingScores v-bind="{ rules, state, seats, turn, secret }" />
    </OwnRing>
    <OwnTrack v-else-if="rules.track" :rules="rules" :state="state" :seats="seats" />
    <OwnTowers v-if="towers && !ring" v-bind="{ rules, state, seats, turn, secret }" />
  </div>
</template>
