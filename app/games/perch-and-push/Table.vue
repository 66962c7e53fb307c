<script setup lang="ts">
import PerchBoard from '~/games/perch-and-push/PerchBoard.vue'
import { usePerchEntry } from '~/games/perch-and-push/usePerchEntry'

/** The board of perches; once the cards are drawn, what they allow lights up, and the place of the marker is touched. */
const { seats, still, veiled } = useDesk()
const { rules, state, complete, options } = usePerchEntry()
const picked = useTouched<number>()
</script>

<template>
  <section class="sheet p-3 sm:p-4" aria-label="Table">
    <PerchBoard
      :rules="rules"
      :state="state"
      :seats="seats"
      :options="still || veiled ? [] : options"
      :told="!veiled"
      :touchable="!still && complete"
      @pick="picked = $event"
    />
  </section>
</template>
