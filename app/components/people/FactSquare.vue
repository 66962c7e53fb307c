<script setup lang="ts">
import { cellAt, keyOf, SIDE, type CellKey, type Square } from '#core/mastery/cells'
import type { Mastery } from '#core/mastery/mastery'
import { sayEvidence, sayMastery } from '#core/wording/mastery'

/** A square of facts from 0 to 12: each told by its mark (and only then by colour), and in words when it is touched. */
const { square, mastery } = defineProps<{ square: Square; mastery: ReadonlyMap<CellKey, Mastery> }>()
const at = ref({ row: 0, column: 0 })
const numbers = Array.from({ length: SIDE + 1 }, (_, i) => i)
const sign = computed(() => (square === 'add' ? '+' : '×'))
const of = (row: number, column: number) => mastery.get(keyOf(cellAt(square, row, column)!))
const answer = (row: number, column: number) => (square === 'add' ? row + column : row * column)
/** Large, middle, small: how often it was said or explained. */
const sizeOf = (found: Mastery) => (found.tries >= 12 ? 'often' : found.tries >= 6 ? 'some' : 'few')
const kindOf = (found: Mastery | undefined) => (found ? `${found.status} ${sizeOf(found)}` : 'none')
const says = computed(() => {
  const { row, column } = at.value
  const found = of(row, column)
  return found
    ? `${sayMastery(found)} It rests on ${sayEvidence(found)}. Last on ${shortDay(found.last)}.`
    : `${row} ${sign.value} ${column}: not practised yet.`
})
const wordOf = (found: Mastery | undefined) =>
  found ? { met: 'met', unseen: 'too few tries', shaky: 'shaky', sure: 'sure' }[found.status] : 'not practised'

const grid = useTemplateRef('grid')
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}
async function step(event: KeyboardEvent) {
  const by = STEPS[event.key]
  if (!by) return
  event.preventDefault()
  const within = (n: number) => Math.min(SIDE, Math.max(0, n))
  at.value = { row: within(at.value.row + by[0]), column: within(at.value.column + by[1]) }
  await nextTick()
  grid.value?.querySelector<HTMLElement>('[tabindex="0"]')?.focus()
}
</script>

<template>
  <div class="space-y-2">
    <div ref="grid" class="square" role="grid" :aria-label="square === 'add' ? 'Addition' : 'Times'" @keydown="step">
      <div role="row" class="contents">
        <span class="head sign" role="columnheader">{{ sign }}</span>
        <span v-for="column in numbers" :key="column" class="head" role="columnheader">{{ column }}</span>
      </div>
      <div v-for="row in numbers" :key="row" role="row" class="contents">
        <span class="head" role="rowheader">{{ row }}</span>
        <span v-for="column in numbers" :key="column" role="gridcell" class="contents">
          <button
            type="button"
            class="cell"
            :class="kindOf(of(row, column))"
            :tabindex="at.row === row && at.column === column ? 0 : -1"
            :aria-label="`${row} ${sign} ${column} = ${answer(row, column)}: ${wordOf(of(row, column))}`"
            :data-key="`${row} ${column}`"
            @click="at = { row, column }"
            @focus="at = { row, column }"
          >
            <span aria-hidden="true" />
          </button>
        </span>
      </div>
    </div>
    <p class="min-h-12 font-semibold" role="status">{{ says }}</p>
  </div>
</template>

<style scoped>
.square {
  display: grid;
  grid-template-columns: repeat(14, minmax(0, 1fr));
  max-width: 36rem;
  border: 1px solid var(--rule);
}
.head {
  display: grid;
  place-items: center;
  font: 600 0.85rem var(--font-mono);
  background: var(--sunken);
}
.cell {
  aspect-ratio: 1;
  min-width: 0;
  display: grid;
  place-items: center;
  border: 0.5px solid var(--rule);
  background: var(--sheet);
  cursor: pointer;
}
.cell span {
  display: block;
}
/* Sure: a full disc, the larger the more often. */
.sure span {
  background: var(--stands);
  border-radius: 50%;
  width: 38%;
  aspect-ratio: 1;
}
.sure.some span {
  width: 56%;
}
.sure.often span {
  width: 76%;
}
/* Shaky: a triangle that stands out by its shape. */
.shaky {
  background: var(--call-soft);
}
.shaky span {
  width: 66%;
  aspect-ratio: 1;
  background: var(--refused);
  clip-path: polygon(50% 0, 100% 100%, 0 100%);
}
/* Too few tries: a small ring. */
.unseen span {
  width: 34%;
  aspect-ratio: 1;
  border: 2px solid var(--ink-soft);
  border-radius: 50%;
}
/* Only met: a dash, which claims nothing. */
.met span {
  width: 34%;
  height: 3px;
  background: var(--ink-soft);
}
.cell[tabindex='0'] {
  outline: 2px solid var(--accent);
  outline-offset: -2px;
}
</style>
