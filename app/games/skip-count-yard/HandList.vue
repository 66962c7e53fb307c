<script setup lang="ts">
/** How many cards everybody holds; who is out, in which place. */
const { hands, out, seats } = defineProps<{
  /** Cards in hand, by seat. */
  hands: readonly number[]
  /** Seats without a card, in the order of going out. */
  out: readonly number[]
  seats: readonly { readonly name: string; readonly pennant: number }[]
}>()
const PLACES = ['first', 'second', 'third', 'fourth']
const place = (seat: number) => PLACES[out.indexOf(seat)]
</script>

<template>
  <ul class="flex flex-wrap gap-x-5">
    <li v-for="(size, i) in hands" :key="i" class="flex items-center gap-1.5">
      <Pennant :number="seats[i]?.pennant ?? 1" size="1.1rem" /> {{ seats[i]?.name }}
      <b v-if="place(i + 1)">out {{ place(i + 1) }}</b>
      <template v-else>
        holds <b class="figures">{{ size }}</b></template
      >
    </li>
  </ul>
</template>

<style scoped>
/* For the room: read from three metres. */
html.board li {
  font-size: 1.2rem;
}
</style>
