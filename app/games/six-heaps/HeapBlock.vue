<script setup lang="ts">
import type { Line, Spot } from '#core/games/six-heaps/block'

/** The block as it lies: the top numbers, how high each heap is, and the newest lines that scored drawn through them. */
const {
  heaps,
  lines = [],
  newest = null,
  coming = null,
  touchable = false,
} = defineProps<{
  heaps: readonly (readonly (readonly number[])[])[]
  /** Lines that scored: straight, so that both ends say all. */
  lines?: readonly Line[]
  newest?: Spot | null
  /** The card on its way. */
  coming?: number | null
  touchable?: boolean
}>()
const emit = defineEmits<{ pick: [at: Spot] }>()
const columns = computed(() => heaps[0]?.length ?? 1)
/** Middle of a place in percent of the block. */
const x = (spot: Spot) => (100 * (spot[1] - 0.5)) / columns.value
const y = (spot: Spot) => (100 * (spot[0] - 0.5)) / heaps.length
const drawn = computed(() =>
  lines
    .filter((line) => line.length > 1)
    .map((line) => ({ x1: x(line[0]!), y1: y(line[0]!), x2: x(line.at(-1)!), y2: y(line.at(-1)!) })),
)
const isNewest = (r: number, c: number) => newest?.[0] === r && newest[1] === c
</script>

<template>
  <div class="block" :style="{ '--columns': columns }">
    <template v-for="(row, r) in heaps" :key="r">
      <component
        :is="touchable ? 'button' : 'div'"
        v-for="(heap, c) in row"
        :key="`${r}-${c}`"
        class="heap"
        :class="{ bare: !heap.length, newest: isNewest(r + 1, c + 1), same: coming !== null && heap.at(-1) === coming }"
        :type="touchable ? 'button' : undefined"
        :aria-label="
          touchable
            ? `Put it ${heap.length ? `onto the ${heap.at(-1)}` : 'on the bare place'} in row ${r + 1}, column ${c + 1}`
            : undefined
        "
        @mousedown.prevent
        @click="touchable && emit('pick', [r + 1, c + 1])"
      >
        <PlayingCard v-if="heap.length" :value="heap.at(-1)!" size="4.6rem" :raised="isNewest(r + 1, c + 1)" />
        <span v-if="heap.length > 1" class="figures high" :title="`${heap.length} cards lie here`">{{
          heap.length
        }}</span>
      </component>
    </template>
    <svg
      v-if="drawn.length"
      :key="JSON.stringify(drawn)"
      class="lines"
      data-drawn
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <line
        v-for="(line, i) in drawn"
        :key="i"
        v-bind="line"
        :class="`line-${i % 3}`"
        vector-effect="non-scaling-stroke"
      />
    </svg>
  </div>
</template>

<style scoped>
.block {
  position: relative;
  display: grid;
  grid-template-columns: repeat(var(--columns), 6.4rem);
  gap: 0;
  width: max-content;
}
.heap {
  position: relative;
  display: grid;
  place-items: center;
  width: 6rem;
  height: 7.4rem;
  margin: 0.2rem;
  border-radius: 0.7rem;
  border: 2px solid transparent;
}
.bare {
  border: 2px dashed var(--ui-border-accented);
}
button.heap {
  cursor: pointer;
  border-color: var(--accent);
  touch-action: manipulation;
}
button.heap.same {
  border-style: dotted;
  opacity: 0.65;
}
/* For the room: what is left of the width goes to the words beside it. */
html.board .block {
  grid-template-columns: repeat(var(--columns), 5.5rem);
}
html.board .heap {
  width: 5.1rem;
  height: 6.9rem;
}
.newest {
  background: var(--accent-soft);
}
.high {
  position: absolute;
  right: 0.1rem;
  bottom: 0.05rem;
  min-width: 1.6rem;
  text-align: center;
  font-size: 0.95rem;
  border-radius: 1rem;
  border: 1px solid var(--rule);
  background: var(--sheet);
}
.lines {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
.lines line {
  stroke: var(--accent);
  stroke-width: 7;
  stroke-linecap: round;
  opacity: 0.6;
}
.lines .line-1 {
  stroke-dasharray: 16 12;
}
.lines .line-2 {
  stroke-dasharray: 4 12;
}
</style>
