<script setup lang="ts">
import { ownGame } from '#core/games/own-game/index'
import { resultOf, type OwnPlay } from '#core/games/own-game/rules'
import { scoresOf } from '#core/games/own-game/state'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** What everybody's throws made, one after another, and the scores. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(ownGame, () => tape)
const made = computed(() =>
  seats.map((_, i) =>
    tape.lines.flatMap(({ play, struck, verdict }) => {
      if (!play || struck || !verdict.stands || play.by !== i + 1) return []
      const own = play as OwnPlay
      const result = own.do === 'throw' ? resultOf(rules.value, own) : null
      return result?.stands ? [result.value] : []
    }),
  ),
)
const rows = computed(() =>
  Array.from({ length: Math.max(0, ...made.value.map((list) => list.length)) }, (_, n) =>
    made.value.map((list) => list[n] ?? null),
  ),
)
</script>

<template>
  <RoundsTable
    :tape="tape"
    :seats="seats"
    caption="What each throw made"
    head="Throw"
    :rows="rows"
    :totals="[...scoresOf(rules, state)]"
  />
</template>
