<script setup lang="ts">
import { useOwnPlaces, type OwnPicture } from '~/games/own-game/useOwnPlaces'

/** The track in rows of ten; of a long one the rows where somebody stands, and what comes next. */
const picture = defineProps<OwnPicture>()
/** Places shown at once. */
const MOST_SHOWN = 120
const ROW = 10

const { places, gives, signed, inShort, here } = useOwnPlaces(() => picture)
const rows = computed(() => {
  const all = Array.from({ length: Math.ceil(places.value.length / ROW) }, (_, i) => ({
    at: i,
    places: places.value.slice(ROW * i, ROW * (i + 1)),
  }))
  if (places.value.length <= MOST_SHOWN) return all
  const near = new Set(
    picture.state.places.flatMap((place) => [0, 1].map((on) => Math.floor((place - places.value[0]!) / ROW) + on)),
  )
  return all.filter(({ at }) => near.has(at) || at === all.length - 1)
})
const says = (place: number) =>
  [minus(place), ...(inShort(place) ? ['special'] : []), ...here(place).map(({ name }) => name)].join(', ')
</script>

<template>
  <ol class="track" aria-label="Track">
    <li
      v-for="place in rows.flatMap((row) => row.places)"
      :key="place"
      class="place"
      :class="{ special: inShort(place), goal: place === rules.goal, from: state.newest?.from === place }"
      :aria-label="says(place)"
    >
      <span class="figures number">{{ minus(place) }}</span>
      <span v-if="inShort(place)" class="gives figures">{{ inShort(place) }}</span>
      <span v-else-if="gives(place)" class="gives figures">{{ signed(place) }}</span>
      <span class="markers"
        ><Pennant
          v-for="seat in here(place)"
          :key="seat.name"
          :number="seat.pennant"
          size="1.4rem"
          :data-piece="seat.name"
      /></span>
    </li>
  </ol>
</template>

<style scoped>
.track {
  display: grid;
  grid-template-columns: repeat(10, minmax(0, 1fr));
  gap: 3px;
}
.place {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  justify-content: space-between;
  gap: 0 0.3rem;
  min-height: 3.2rem;
  padding: 0.1rem 0.25rem;
  border: 1px solid var(--rule);
  border-radius: 0.3rem;
  background: var(--paper);
}
@media (max-width: 40rem) {
  .track {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }
}
.special {
  background: var(--call-soft);
  border: 2px solid var(--call);
}
.goal {
  border: 4px double var(--accent);
}
.from {
  border-style: dashed;
  border-color: var(--ink);
}
.number {
  font-size: 1rem;
  font-weight: 700;
}
.gives {
  font-size: 0.95rem;
  line-height: 1.5rem;
  white-space: nowrap;
  color: var(--ink-soft);
}
.markers {
  flex: 1 0 100%;
  min-height: 1.5rem;
  display: flex;
  justify-content: center;
}
.markers > * + * {
  margin-left: -0.7rem;
}
</style>
