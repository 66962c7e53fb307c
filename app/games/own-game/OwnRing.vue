<script setup lang="ts">
import { sayThen } from '#core/games/own-game/sayRecipe'
import { pointOf } from '~/games/own-game/ring'
import { useOwnPlaces, type OwnPicture } from '~/games/own-game/useOwnPlaces'

/** A track that goes round, as an oval: some of its numbers, all that happens on it, and where everybody stands. */
const picture = defineProps<OwnPicture>()
defineSlots<{
  /** What stands in the middle. */
  default(): unknown
}>()
/** Numbers that are written, at most. */
const WRITTEN = 12

const { places, gives, signed, special, inShort, here } = useOwnPlaces(() => picture)
/** Every so many a number: a round one. */
const every = computed(
  () => [1, 2, 3, 5, 10, 20].find((step) => places.value.length / step <= WRITTEN) ?? places.value.length,
)
/** What most places give; others are told. */
const usual = computed(() => {
  const counts = new Map<number, number>()
  for (const place of places.value) counts.set(gives(place), (counts.get(gives(place)) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 0
})
const more = (place: number) => inShort(place) ?? (gives(place) === usual.value ? '' : signed(place))
/** Where somebody stands is told in the middle: numbers beside each other could not be read. */
const written = (place: number) => (place - places.value[0]!) % every.value === 0
const says = (place: number) => {
  const then = special(place)
  const points = gives(place) ? [`gives ${minus(gives(place))}`] : []
  return [minus(place), ...points, ...(then ? [sayThen(then)] : []), ...here(place).map(({ name }) => name)].join(', ')
}
</script>

<template>
  <div class="oval">
    <ol aria-label="Track">
      <li v-for="(place, i) in places" :key="place" :aria-label="says(place)">
        <span
          class="dot"
          :class="{
            special: special(place) || more(place),
            goal: place === rules.goal,
            from: state.newest?.from === place && state.newest.to !== place,
          }"
          :style="pointOf(i, places.length)"
        />
        <span v-if="written(place)" class="number figures" :style="pointOf(i, places.length, 0.86)"
          >{{ minus(place) }}<small v-if="more(place)" class="more"> {{ more(place) }}</small></span
        >
        <span v-if="here(place).length" class="markers" :style="pointOf(i, places.length, 1.06)"
          ><Pennant
            v-for="seat in here(place)"
            :key="seat.name"
            :number="seat.pennant"
            size="1.7rem"
            :data-piece="seat.name"
        /></span>
      </li>
    </ol>
    <div class="middle"><slot /></div>
  </div>
</template>

<style scoped>
.oval {
  position: relative;
  /* No higher than a desk shows at once. */
  aspect-ratio: 2.25;
  display: grid;
  place-items: center;
}
.oval ol {
  position: absolute;
  inset: 0;
}
.dot,
.number,
.markers {
  position: absolute;
  translate: -50% -50%;
}
.dot {
  width: 0.85rem;
  aspect-ratio: 1;
  border: 2px solid var(--ink-soft);
  border-radius: 50%;
  background: var(--paper);
}
.special {
  border-color: var(--call);
  background: var(--call-soft);
  outline: 2px solid var(--call);
}
.goal {
  border: 4px double var(--accent);
  outline: 2px solid var(--accent);
}
.from {
  background: var(--ink-soft);
}
.number {
  font-size: 1.05rem;
  font-weight: 700;
  line-height: 1;
  white-space: nowrap;
}
.more {
  font-size: 0.95em;
  color: var(--ink-soft);
}
.markers {
  display: flex;
}
.markers > * + * {
  margin-left: -0.8rem;
}
.middle {
  width: 60%;
}
html.board .oval {
  aspect-ratio: auto;
  height: 23rem;
}
html.board .number {
  font-size: 1.65rem;
}
html.board .dot {
  width: 1.2rem;
}
</style>
