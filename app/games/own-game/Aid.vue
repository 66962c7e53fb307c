<script setup lang="ts">
import { ownGame } from '#core/games/own-game/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { shownLater } from '~/games/view'

// Who never asks doesn't load what counts and searches.
const OwnOdds = shownLater(() => import('~/games/own-game/OwnOdds.vue'))
const TargetAid = shownLater(() => import('~/games/own-game/TargetAid.vue'))

/** For the referee, when asked: what another throw may bring, exactly; and every sentence that makes the target. */
const { tape } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(ownGame, () => tape)
const shown = useAsked(() => tape)
const looked = useAsked(() => tape)

const numbers = computed(() => state.value.newest?.numbers ?? [])
const makes = computed(() => rules.value.ways.some(({ makes: way }) => way === 'calculation'))
const wanted = computed(() => rules.value.target)
</script>

<template>
  <div class="space-y-2">
    <Key v-if="!tape.state.result" :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-eye" class="size-5" /> What may another throw bring?</Key
    >
    <OwnOdds v-if="shown && !tape.state.result" :rules="rules" :state="state" />
    <template v-if="makes && numbers.length">
      <Key :aria-pressed="looked" @click="looked = !looked"
        ><UIcon name="i-lucide-sigma" class="size-5" />
        {{ wanted === null ? 'What could be made' : `What makes ${minus(wanted)}` }}</Key
      >
      <TargetAid v-if="looked" :rules="rules" :numbers="numbers" />
    </template>
  </div>
</template>
