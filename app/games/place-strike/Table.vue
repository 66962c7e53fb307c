<script setup lang="ts">
import StrikeSheet from '~/games/place-strike/StrikeSheet.vue'
import { useStrikeEntry } from '~/games/place-strike/useStrikeEntry'

/** Everybody's numbers; once a roll is entered, the number whose digit is struck is touched. */
const { seats, still, tape, veiled } = useDesk()
const { seat, entry, rules, state, rolled, found } = useStrikeEntry()
const touched = useTouched<number>()
const open = computed(() => !still.value && !tape.value!.state.result)
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <StrikeSheet
      :rules="rules"
      :state="state"
      :seats="seats"
      :turn="open ? seat : null"
      :place="veiled ? null : entry.place"
      :found="veiled ? [] : found"
      :touchable="open && rolled !== null"
      @pick="touched = $event"
    />
  </section>
</template>
