<script setup lang="ts">
import { tableLadder } from '#core/games/table-ladder/index'
import LadderSheet from '~/games/table-ladder/LadderSheet.vue'

/** The ladders, rung by rung. */
const { seats, next, still } = useDesk()
const { rules, state } = useTable(tableLadder)
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <LadderSheet :rules="rules" :state="state" :seats="seats" :turn="still ? [] : next" />
  </section>
</template>
