<script setup lang="ts">
import StopsTrack from '~/games/hundred-stops/StopsTrack.vue'
import { useStopsEntry } from '~/games/hundred-stops/useStopsEntry'

/** The track; a journey that is being entered shows its way, and squares within reach can be touched. */
const { seats, still, veiled } = useDesk()
const { entry, rules, state, way, reach, goTo } = useStopsEntry()
const shown = computed(() =>
  entry.value.steps.length && !veiled.value ? way.value : (state.value.journey?.touched ?? []),
)
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <StopsTrack
      :rules="rules"
      :state="state"
      :seats="seats"
      :way="shown"
      :reach="still || veiled ? [] : reach"
      @pick="goTo"
    />
  </section>
</template>
