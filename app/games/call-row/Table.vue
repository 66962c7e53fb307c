<script setup lang="ts">
import RowSheet from '~/games/call-row/RowSheet.vue'
import { useRowEntry } from '~/games/call-row/useRowEntry'

/** The row, whose cards are touched for a call, and the climbers. */
const { still, tape } = useDesk()
const { seats, rules, state, chosen, pickCard } = useRowEntry()
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <RowSheet
      :rules="rules"
      :state="state"
      :seats="seats"
      :chosen="chosen"
      :touchable="!still && !tape!.state.result"
      @pick="pickCard"
    />
  </section>
</template>
