<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Everybody's numbers, line by line, with what rulings gave or took, and the total where one is said. */
const {
  tape,
  seats,
  caption,
  head = 'Round',
  rows,
  totals = undefined,
  best = undefined,
} = defineProps<{
  tape: Tape
  seats: readonly Seat[]
  caption: string
  /** What a line is. */
  head?: string
  /** A line's numbers by seat; null where there is none. */
  rows: readonly (readonly (number | string | null)[])[]
  totals?: readonly number[]
  /** Whether the number of a seat in a line is marked as the best one. */
  best?: (row: number, seat: number) => boolean
}>()

/** Points given or taken by the referee, by seat; null where none were. */
const awards = computed(() => {
  const given = tape.lines.filter(({ struck, verdict, entry }) => !struck && verdict.stands && entry.kind === 'award')
  if (!given.length) return null
  return seats.map((_, i) =>
    given.reduce((sum, { entry }) => sum + (entry.kind === 'award' && entry.by === i + 1 ? entry.points : 0), 0),
  )
})
const signed = (points: number) => (points > 0 ? `+${points}` : points < 0 ? `−${-points}` : '')
</script>

<template>
  <div v-if="rows.length || awards" class="relative overflow-x-auto">
    <table class="rounds">
      <caption class="sr-only">
        {{
          caption
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">{{ head }}</th>
          <th v-for="(seat, i) in seats" :key="i" scope="col">{{ seat.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(numbers, r) in rows" :key="r">
          <th scope="row">{{ r + 1 }}</th>
          <td v-for="(number, i) in numbers" :key="i" class="figures" :class="{ best: best?.(r, i + 1) }">
            {{ number ?? '' }}<span v-if="best?.(r, i + 1)" class="sr-only"> best</span>
          </td>
        </tr>
        <tr v-if="awards">
          <th scope="row">By ruling</th>
          <td v-for="(points, i) in awards" :key="i" class="figures">{{ signed(points) }}</td>
        </tr>
      </tbody>
      <tfoot v-if="totals">
        <tr>
          <th scope="row">Together</th>
          <td v-for="(sum, i) in totals" :key="i" class="figures">{{ sum }}</td>
        </tr>
      </tfoot>
    </table>
  </div>
</template>

<style scoped>
.rounds th,
.rounds td {
  padding: 0.25rem 1.2rem 0.25rem 0;
  text-align: left;
}
.rounds tbody tr,
.rounds tfoot tr {
  border-top: 1px solid var(--rule);
}
.rounds tfoot {
  font-weight: 700;
}
.best {
  font-weight: 800;
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 4px;
  text-decoration-color: var(--stands);
}
</style>
