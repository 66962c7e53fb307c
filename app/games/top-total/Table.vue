<script setup lang="ts">
import { topTotal } from '#core/games/top-total/index'
import RoundsPaper from '~/games/top-total/RoundsPaper.vue'

/** The round as it goes, and the rounds before. */
const { seats, veiled } = useDesk()
const { state } = useTable(topTotal)
</script>

<template>
  <section class="sheet p-4" aria-label="Table"><RoundsPaper :state="state" :seats="seats" :signs="!veiled" /></section>
</template>
