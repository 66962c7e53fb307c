<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { bestPlaces, mayHold, placesFor } from '#core/games/six-heaps/advice'
import { topAt } from '#core/games/six-heaps/block'
import { sixHeaps } from '#core/games/six-heaps/index'
import { facesOf } from '#core/kit/pack'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** For each card the heaps where it would score; where hands are known, the best of the hand. Only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(sixHeaps, () => tape)
const shown = useAsked(() => tape)
const best = useAsked(() => tape)

const place = (at: readonly [number, number]) => {
  const top = topAt(state.value.heaps, at)
  return `${top === null ? 'bare place' : `the ${top}`} (${at[0]}.${at[1]})`
}
const rows = computed(() =>
  shown.value
    ? facesOf(rules.value.pack).map((card) => ({
        card,
        places: placesFor(rules.value, state.value, card).filter(({ lines }) => lines.length),
      }))
    : [],
)
/** Hands are known to the last card where the app deals. */
const hand = computed(() =>
  state.value.order && !tape.state.result ? ofSeat(state.value.hands, state.value.turn).known : null,
)
const top = computed(() => (best.value && hand.value ? bestPlaces(rules.value, state.value, hand.value) : []))
const held = computed(() => new Set(mayHold(rules.value, state.value, state.value.turn)))
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-target" class="size-5" /> Where would each card score?</Key
    >
    <ul v-if="shown" role="status">
      <li
        v-for="{ card, places } in rows.filter((row) => row.places.length)"
        :key="card"
        :class="{ 'text-(--ink-soft)': !held.has(card) }"
      >
        <b class="figures">{{ card }}</b>:
        {{ places.map(({ at, lines }) => `${place(at)}${lines.length > 1 ? ` ×${lines.length}` : ''}`).join(', ') }}
      </li>
      <li v-if="!rows.some((row) => row.places.length)">No card scores now.</li>
    </ul>
    <Key v-if="hand" :aria-pressed="best" @click="best = !best"
      ><UIcon name="i-lucide-sparkles" class="size-5" /> The best card of {{ seats[state.turn - 1]?.name }}</Key
    >
    <p v-if="best && hand" role="status">
      <template v-if="top.length"
        >{{ top.map(({ card, at }) => `${card} onto ${place(at)}`).join('; ') }}:
        <b class="figures">{{ top[0]!.lines.length }}</b></template
      >
      <template v-else>None of these cards scores now.</template>
    </p>
  </div>
</template>
