<script setup lang="ts">
import LandingLine from '~/games/exact-landing/LandingLine.vue'
import { useBlankLine } from '~/games/exact-landing/useBlankLine'
import { useLandingEntry } from '~/games/exact-landing/useLandingEntry'

/** The number line; whether its numbers are told is this room's habit. */
const { seats, seat, veiled } = useDesk()
const { rules, state, from, leads } = useLandingEntry()
const blank = useBlankLine()
const coming = computed(
  () =>
    !veiled.value &&
    leads.value && { by: seat.value, from: from.value, to: leads.value.to, off: leads.value.off !== null },
)
</script>

<template>
  <section class="sheet p-3 space-y-2" aria-label="Table">
    <LandingLine :rules="rules" :state="state" :seats="seats" :coming="coming || null" :blank="blank" />
    <USwitch v-model="blank" label="Leave the numbers blank" />
  </section>
</template>
