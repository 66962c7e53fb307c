<script setup lang="ts">
/** The grid of backs; what is turned lies open, what was kept has left a bare place. */
const {
  places,
  open = {},
  waiting = null,
  seen = [],
  newest = null,
  touchable = false,
} = defineProps<{
  /** Whether a card lies at each place. */
  places: readonly boolean[]
  /** Cards that lie open now, by place. */
  open?: Readonly<Record<number, number>>
  waiting?: number | null
  /** What was seen at each place, for the referee who peeks. */
  seen?: readonly (number | null)[]
  newest?: { readonly at: readonly number[]; readonly match: boolean } | null
  touchable?: boolean
}>()
const emit = defineEmits<{ pick: [place: number] }>()
/** A grid somewhat wider than high, with as few gaps in its last row as can be. */
const columns = computed(() => {
  const { length } = places
  const least = Math.ceil(Math.sqrt(length))
  const widths = Array.from({ length: Math.max(1, Math.ceil(Math.sqrt(length * 2)) - least + 1) }, (_, i) => least + i)
  const gaps = (width: number) => (width - (length % width)) % width
  return widths.reduce((best, width) => (gaps(width) < gaps(best) ? width : best), widths[0]!)
})
</script>

<template>
  <ol class="grid-of-backs" :style="{ '--columns': columns }">
    <li v-for="(lies, i) in places" :key="i">
      <component
        :is="touchable && lies ? 'button' : 'span'"
        class="place"
        :class="{
          bare: !lies,
          waiting: waiting === i + 1,
          newest: newest?.at.includes(i + 1),
          match: newest?.match && newest.at.includes(i + 1),
        }"
        :type="touchable && lies ? 'button' : undefined"
        :aria-label="
          touchable && lies
            ? `Place ${i + 1}${open[i + 1] !== undefined ? `, ${open[i + 1]} lies open` : ''}`
            : undefined
        "
        @mousedown.prevent
        @click="touchable && lies && emit('pick', i + 1)"
      >
        <PlayingCard
          v-if="lies"
          :value="open[i + 1] ?? null"
          size="3.6rem"
          :raised="open[i + 1] !== undefined || waiting === i + 1"
        />
        <span class="number figures">{{ i + 1 }}</span>
        <span
          v-if="lies && open[i + 1] === undefined && seen[i] !== null && seen[i] !== undefined"
          class="peek figures"
          >{{ seen[i] }}</span
        >
      </component>
    </li>
  </ol>
</template>

<style scoped>
.grid-of-backs {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(3.7rem, 4.3rem));
  gap: 0.25rem;
  justify-content: center;
}
.place {
  position: relative;
  display: grid;
  place-items: center;
  width: 100%;
  height: 5.4rem;
  border-radius: 0.6rem;
  border: 3px solid transparent;
}
button.place {
  cursor: pointer;
  touch-action: manipulation;
}
.bare {
  border: 2px dashed var(--ui-border-accented);
}
.newest {
  border-color: var(--ui-border-accented);
}
.match,
.waiting {
  border-color: var(--accent);
  background: var(--accent-soft);
}
.number {
  position: absolute;
  left: 0.15rem;
  top: 0.1rem;
  padding: 0 0.3rem;
  border-radius: 0.4rem;
  font-size: 0.85rem;
  background: var(--sheet);
  color: var(--ink);
}
.peek {
  position: absolute;
  right: 0.25rem;
  bottom: 0.3rem;
  min-width: 1.7rem;
  text-align: center;
  border-radius: 0.4rem;
  font-weight: 700;
  background: var(--die);
  color: #1c2430;
}
</style>
