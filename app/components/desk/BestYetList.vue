<script setup lang="ts">
import type { Seat } from '#shared/api'
import type { BestYet } from '#shared/people'
import { callApi } from '~/utils/api'

/** To whom this match was the best yet of their own: said to each by itself, with nobody compared. */
const { match, seats } = defineProps<{ match: string; seats: readonly Seat[] }>()
// Without the server there is nothing to compare with; the announcement is whole all the same.
const { told } = useAnswer(() => callApi(`/api/matches/${match}/bests`))
const says = ({ score, wrong }: BestYet) =>
  [score ? 'your best yet' : '', wrong ? 'fewer wrong than ever' : ''].filter(Boolean).join(', and ')
</script>

<template>
  <ul v-if="told?.bests.length" class="flex flex-wrap gap-x-6 gap-y-1 text-xl" aria-label="Own bests">
    <li v-for="each in told.bests" :key="each.seat" class="flex items-center gap-2">
      <Pennant :number="seats[each.seat - 1]?.pennant ?? 1" size="1.4rem" />
      <span
        ><b>{{ seats[each.seat - 1]?.name }}</b
        >: {{ says(each) }}!</span
      >
    </li>
  </ul>
</template>
