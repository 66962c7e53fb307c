<script setup lang="ts">
import type { KeeperState } from '#core/games/column-keeper/rules'
import type { Tape } from '#core/tape'
import type { Seat } from '~/utils/matches'

/** Everybody's numbers, round by round. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const rounds = computed(() => (tape.state.game as KeeperState).history)
</script>

<template>
  <div class="overflow-x-auto">
    <table class="rounds">
      <caption class="sr-only">Numbers by round</caption>
      <thead><tr><th scope="col">Round</th><th v-for="(seat, i) in seats" :key="i" scope="col">{{ seat.name }}</th></tr></thead>
      <tbody><tr v-for="(numbers, r) in rounds" :key="r"><th scope="row">{{ r + 1 }}</th><td v-for="(number, i) in numbers" :key="i" class="figures">{{ number }}</td></tr></tbody>
    </table>
  </div>
</template>

<style scoped>
.rounds th,
.rounds td {
  padding: 0.25rem 1.2rem 0.25rem 0;
  text-align: left;
}
.rounds tbody tr {
  border-top: 1px solid var(--rule);
}
</style>
