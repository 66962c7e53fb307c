<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Every push of the match: who pushed whom off what. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const pushes = computed(() =>
  tape.lines.flatMap(({ verdict, struck }) =>
    struck
      ? []
      : verdict.notes
          .filter(({ code }) => code === 'pushed')
          .map(({ facts }) => facts as { by: number; of: number; count: number; on: number }),
  ),
)
const best = computed(() =>
  pushes.value.reduce<(typeof pushes.value)[number] | null>(
    (most, push) => (!most || push.count > most.count ? push : most),
    null,
  ),
)
const name = (seat: number) => seats[seat - 1]?.name
</script>

<template>
  <div class="space-y-2">
    <p>
      {{ pushes.length }} pushes.<template v-if="best">
        Largest: {{ name(best.by) }} pushed {{ best.count }} of {{ name(best.of) }} off {{ best.on }}.</template
      >
    </p>
    <ul class="flex flex-wrap gap-2">
      <li v-for="(push, i) in pushes" :key="i" class="sheet px-3 py-1 flex items-center gap-2">
        <Pennant :number="ofSeat(seats, push.by).pennant" size="1.1rem" /> <b class="figures">{{ push.on }}</b> +{{
          push.count
        }}
      </li>
    </ul>
  </div>
</template>
