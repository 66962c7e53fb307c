<script setup lang="ts">
import PathsSheet from '~/games/step-and-gather/PathsSheet.vue'
import { useStepEntry } from '~/games/step-and-gather/useStepEntry'

/** The paths; with a roll entered, the space on which the piece really stands can be touched. */
const { seats, seat, still, veiled } = useDesk()
const { entry, rules, state, step, land } = useStepEntry()
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <PathsSheet
      :rules="rules"
      :state="state"
      :seats="seats"
      :coming="veiled ? null : step && { by: seat, to: step.to }"
      :pick="step && !still && !veiled ? seat : null"
      :landed="entry.landed ?? null"
      @land="land"
    />
  </section>
</template>
