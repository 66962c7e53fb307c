<script setup lang="ts">
import { topTotal } from '#core/games/top-total/index'
import type { Tape } from '#core/kernel/tape'
import RoundsPaper from '~/games/top-total/RoundsPaper.vue'
import type { Seat } from '#shared/api'

/** The whole sheet, and what rulings gave. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { state } = useTable(topTotal, () => tape)
</script>

<template>
  <div class="space-y-3">
    <RoundsPaper :state="state" :seats="seats" :now="false" />
    <RoundsTable :tape="tape" :seats="seats" caption="What rulings gave" head="" :rows="[]" />
  </div>
</template>
