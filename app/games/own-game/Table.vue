<script setup lang="ts">
import OwnSheet from '~/games/own-game/OwnSheet.vue'
import { useOwnEntry } from '~/games/own-game/useOwnEntry'

/** The table of an own game. */
const { seats, seat, still, tape } = useDesk()
const { entry, rules, state } = useOwnEntry()
const turn = computed(() => (still.value || tape.value!.state.result ? null : seat.value))
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <OwnSheet :rules="rules" :state="state" :seats="seats" :turn="turn" :numbers="entry.numbers" />
  </section>
</template>
