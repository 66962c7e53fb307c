<script setup lang="ts">
import { ofSeat, seatsFrom } from '#core/kit/seats'

/** Who sits where: the table from above, turns going round with the clock. */
const { seats, first, turns } = defineProps<{
  seats: readonly { readonly name: string; readonly pennant: number }[]
  /** Who starts, from 1. */
  first: number
  /** Whether players take turns. */
  turns: boolean
}>()

const places = computed(() =>
  seats.map((seat, i) => {
    const angle = (i / seats.length) * 2 * Math.PI + Math.PI / 2
    return { ...seat, starts: i + 1 === first, x: 50 + 36 * Math.cos(angle), y: 50 + 34 * Math.sin(angle) }
  }),
)
const says = computed(() => {
  const order = seatsFrom(first, seats.length).map((seat) => ofSeat(seats, seat).name)
  if (seats.length === 1) return `${order[0]} plays alone.`
  return turns
    ? `${order.join(', then ')}; and round again, with the clock.`
    : `${order[0]} begins; then everybody plays at once.`
})
</script>

<template>
  <div class="space-y-1">
    <div class="plan" aria-hidden="true">
      <span class="top" />
      <span v-if="turns && seats.length > 1" class="way">↻</span>
      <span v-for="(place, i) in places" :key="i" class="place" :style="{ left: `${place.x}%`, top: `${place.y}%` }">
        <Pennant :number="place.pennant" size="1.3rem" /> <b>{{ place.name }}</b>
        <UIcon v-if="place.starts" name="i-lucide-flag" class="size-4" />
      </span>
    </div>
    <p>{{ says }}</p>
  </div>
</template>

<style scoped>
.plan {
  position: relative;
  height: 11rem;
  max-width: 24rem;
}
.top {
  position: absolute;
  inset: 30% 26%;
  border: 3px solid var(--rule);
  border-radius: 1.2rem;
  background: var(--sunken);
}
.way {
  position: absolute;
  left: 50%;
  top: 50%;
  transform: translate(-50%, -50%);
  font-size: 2rem;
  color: var(--ink-soft);
}
.place {
  position: absolute;
  transform: translate(-50%, -50%);
  display: flex;
  gap: 0.3rem;
  align-items: center;
  max-width: 48%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
