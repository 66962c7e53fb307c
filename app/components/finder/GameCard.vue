<script setup lang="ts">
import type { About } from '#core/contract/game'
import type { Entry } from '#core/catalogue/find'
import type { GameId } from '#core/games/ids'
import { range } from '#core/basics/words'
import { sayTime, timeOf } from '#core/catalogue/time'

/** A game in few words, as it is chosen; its time is that of this room, and of as many players as are wished. */
const {
  id,
  about,
  why,
  players = null,
  kept = undefined,
  chosen = false,
} = defineProps<{
  id: GameId
  about: About
  why: string
  players?: number | null
  /** Where it is one of the table's own. */
  kept?: Entry['kept']
  chosen?: boolean
}>()
const paces = usePaces()
const time = computed(() => {
  const minutes = kept ? kept.time : timeOf({ id, about }, players, paces.value[id])
  return minutes ? sayTime(minutes) : 'time not known yet'
})
</script>

<template>
  <span class="block space-y-0.5">
    <span class="flex items-baseline gap-3">
      <span class="text-lg font-bold display">{{ about.title }}</span>
      <UIcon v-if="chosen" name="i-lucide-circle-check" class="size-5 text-(--accent) ml-auto self-center" />
    </span>
    <span class="block text-sm">{{ about.line }}</span>
    <span class="block text-sm text-(--ink-soft)">{{ range(about.seats) }} players · {{ time }} · {{ why }}</span>
  </span>
</template>
