<script setup lang="ts">
import type { Tape } from '#core/tape'
import StopsTrack from '~/games/hundred-stops/StopsTrack.vue'
import { useStopsEntry } from '~/games/hundred-stops/useStopsEntry'
import type { Seat } from '~/utils/matches'

/** The track; a journey that is being entered shows its way, and squares within reach can be touched. */
const { tape, seats, still = false } = defineProps<{ tape: Tape; seats: readonly Seat[]; still?: boolean }>()

const { entry, rules, state, way, reach, goTo } = useStopsEntry(() => tape)
const shown = computed(() => (entry.value.steps.length ? way.value : (state.value.journey?.touched ?? [])))
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <StopsTrack :rules="rules" :state="state" :seats="seats" :way="shown" :reach="still ? [] : reach" @pick="goTo" />
  </section>
</template>
