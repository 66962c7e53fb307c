<script setup lang="ts">
import HaulSheet from '~/games/ten-turn-haul/HaulSheet.vue'
import { useHaulEntry } from '~/games/ten-turn-haul/useHaulEntry'

/** The strips of boxes, and the spinner with what was spun. */
const { seats, seat, still, tape } = useDesk()
const { entry, rules, state } = useHaulEntry()
const shown = computed(
  () =>
    entry.value.value ??
    state.value.spins[
      (tape.value!.lines.findLast(({ play, verdict, struck }) => play && verdict.stands && !struck)?.play?.by ?? 1) - 1
    ]?.at(-1) ??
    null,
)
const turn = computed(() => (still.value || tape.value!.state.result ? null : seat.value))
</script>

<template>
  <section class="sheet p-3 flex flex-wrap gap-4 items-center" aria-label="Table">
    <HaulSheet
      class="flex-1 basis-96"
      :rules="rules"
      :state="state"
      :seats="seats"
      :turn="turn"
      :coming="entry.value"
    />
    <Spinner :faces="rules.faces" :at="shown" size="9rem" />
  </section>
</template>
