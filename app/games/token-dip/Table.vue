<script setup lang="ts">
import DipSheet from '~/games/token-dip/DipSheet.vue'
import { useDipEntry } from '~/games/token-dip/useDipEntry'

/** The key and the dishes; the line of the token that is being entered is marked. */
const { seats, seat, still, tape } = useDesk()
const { entry, rules, state, counting } = useDipEntry()
const turn = computed(() => (still.value || tape.value!.state.result ? null : (counting.value ?? seat.value)))
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <DipSheet :rules="rules" :state="state" :seats="seats" :turn="turn" :coming="entry.token" />
  </section>
</template>
