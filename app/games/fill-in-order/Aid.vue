<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { helpedBy, outlook } from '#core/games/fill-in-order/advice'
import { fillInOrder } from '#core/games/fill-in-order/index'
import type { Tape } from '#core/kernel/tape'
import { list } from '#core/basics/words'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** Which cards would fit now, the chance that the next one does, and whom the discard helps; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(fillInOrder, () => tape)
const shown = useAsked(() => tape)
const rows = computed(() =>
  shown.value ? seats.map(({ name }, i) => ({ name, ...outlook(rules.value, state.value, i + 1) })) : [],
)
const helped = computed(() => helpedBy(state.value).map((seat) => ofSeat(seats, seat).name))
const top = computed(() => state.value.discards.at(-1))
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-list-ordered" class="size-5" /> Which cards would fit?</Key
    >
    <div v-if="shown" role="status" class="space-y-1">
      <p v-for="row in rows" :key="row.name">
        <b>{{ row.name }}</b>: <span class="figures">{{ row.fit.join(' ') }}</span> · the next card fits:
        <b class="figures">{{ percent(row.chance) }}</b>
      </p>
      <p v-if="top !== undefined">
        The discard, {{ top }}, {{ helped.length ? `would help ${list(helped)}` : 'helps nobody now' }}.
      </p>
    </div>
  </div>
</template>
