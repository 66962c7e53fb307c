<script setup lang="ts">
import type { Tape } from '#core/tape'
import PerchBoard from '~/games/perch-and-push/PerchBoard.vue'
import { usePerchEntry } from '~/games/perch-and-push/usePerchEntry'
import type { Seat } from '~/utils/matches'

/** The board of perches; once the cards are drawn, what they allow lights up, and the place of the marker is touched. */
const { tape, seats, still = false } = defineProps<{ tape: Tape; seats: readonly Seat[]; still?: boolean }>()

const { rules, state, complete, options } = usePerchEntry(() => tape)
const picked = useTouched<number>()
</script>

<template>
  <section class="sheet p-3 sm:p-4" aria-label="Table">
    <PerchBoard :rules="rules" :state="state" :seats="seats" :options="still ? [] : options" :touchable="!still && complete" @pick="picked = $event" />
  </section>
</template>
