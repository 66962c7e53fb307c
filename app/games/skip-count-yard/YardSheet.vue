<script setup lang="ts">
import { isCorner, POSITIONS, stepsOf, type Position, type Yard } from '#core/games/skip-count-yard/yard'
import type { YardTouch } from '~/games/skip-count-yard/useYardEntry'

/**
 * The yard as it lies: the stock in the middle, four sides, four corners; runs fan out so that all numbers can be read. A place is
 * touched to lay something there, a card to lift it and what lies above it; both can be dragged.
 */
const {
  sets,
  yard,
  stock,
  open = [],
  from = null,
  newest = null,
  touchable = false,
  told = true,
} = defineProps<{
  sets: readonly number[]
  yard: Yard
  stock: number
  /** Places where what is lifted may go. */
  open?: readonly Position[]
  /** What is lifted: from where, and how many cards (null: all). */
  from?: { readonly at: Position; readonly count: number | null } | null
  newest?: Position | null
  touchable?: boolean
  /** Whose set each run is, is told. */
  told?: boolean
}>()
const emit = defineEmits<{ touch: [touch: YardTouch] }>()

const ROWS: readonly (readonly (Position | 'stock')[])[] = [
  ['NW', 'N', 'NE'],
  ['W', 'stock', 'E'],
  ['SW', 'S', 'SE'],
]
const NAMES: Readonly<Record<Position, string>> = {
  N: 'north',
  E: 'east',
  S: 'south',
  W: 'west',
  NE: 'north-east',
  SE: 'south-east',
  SW: 'south-west',
  NW: 'north-west',
}
const isLifted = (at: Position, index: number) =>
  from?.at === at && index >= yard[at].length - (from.count ?? yard[at].length)
const steps = (at: Position) => stepsOf(sets, yard[at], isCorner(at))
/** What a place is called aloud: its run, or that it is bare. */
const says = (at: Position) =>
  `${NAMES[at]} ${isCorner(at) ? 'corner' : 'side'}: ${yard[at].length ? yard[at].join(', ') : 'bare'}`

const runs = useTemplateRef<HTMLElement[]>('runs')
for (const position of POSITIONS)
  useDragged(() => (touchable ? runs.value?.find((run) => run.dataset.run === position) : null), {
    group: 'yard',
    draggable: '[data-card]',
    drop: ({ item, place }) => {
      const dropped = place as Position
      if (dropped !== position) emit('touch', { at: position, index: Number(item.dataset.card), dropped })
    },
  })
const touch = (at: Position, index: number | null) => touchable && emit('touch', { at, index })
</script>

<template>
  <div class="yard">
    <template v-for="(row, r) in ROWS" :key="r">
      <template v-for="at in row" :key="at">
        <p v-if="at === 'stock'" class="stock">
          <PlayingCard :value="null" size="2.6rem" :dim="stock === 0" />
          <span
            >stock <b class="figures">{{ stock }}</b></span
          >
        </p>
        <div
          v-else
          class="place"
          :data-place="at"
          :class="{ corner: isCorner(at), open: open.includes(at), newest: newest === at, bare: !yard[at].length }"
        >
          <component
            :is="touchable ? 'button' : 'span'"
            class="label"
            :type="touchable ? 'button' : undefined"
            :aria-label="touchable ? `To the ${says(at)}` : undefined"
            @mousedown.prevent
            @click="touch(at, null)"
            ><b>{{ at }}</b>
            <span v-if="yard[at].length && told" class="steps figures">{{
              steps(at)
                .map((step) => `×${step}`)
                .join(' ')
            }}</span>
            <span v-else-if="!yard[at].length" class="steps">{{
              isCorner(at) ? 'lowest card' : 'any card'
            }}</span></component
          >
          <span ref="runs" class="run" :data-run="at">
            <component
              :is="touchable ? 'button' : 'span'"
              v-for="(card, i) in yard[at]"
              :key="i"
              class="card figures"
              data-arrives
              :class="{ lifted: isLifted(at, i) }"
              :type="touchable ? 'button' : undefined"
              :aria-label="touchable ? `${card} on the ${NAMES[at]} ${isCorner(at) ? 'corner' : 'side'}` : undefined"
              :data-card="i"
              @mousedown.prevent
              @click.stop="touch(at, i)"
              >{{ card }}</component
            >
          </span>
        </div>
      </template>
    </template>
  </div>
</template>

<style scoped>
.yard {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.4rem;
}
.place {
  min-width: 0;
  position: relative;
  min-height: 5rem;
  padding: 0.2rem 0.35rem 0.35rem;
  border: 2px solid var(--rule);
  border-radius: 0.6rem;
  background: var(--paper);
}
.corner {
  border-radius: 1.4rem;
  padding-left: 0.7rem;
}
.bare {
  border-style: dashed;
}
.newest {
  background: var(--accent-soft);
}
.open {
  border: 3px solid var(--accent);
}
.label {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  width: 100%;
  min-height: 1.5rem;
  text-align: left;
}
/* All of the place is its key; the cards on it lie above that. */
button.label {
  position: absolute;
  inset: 0;
  align-items: flex-start;
  padding: 0.2rem 0.35rem;
  cursor: pointer;
  touch-action: manipulation;
}
.corner > button.label {
  padding-left: 0.7rem;
}
button.label + .run {
  position: relative;
  width: fit-content;
  margin-top: 1.5rem;
}
.steps {
  font-size: 1.05rem;
  color: var(--ink-soft);
}
.run {
  display: flex;
  flex-wrap: wrap;
  gap: 0.12rem;
}
.card {
  display: grid;
  place-items: center;
  min-width: 1.75rem;
  height: 2.4rem;
  padding: 0 0.12rem;
  font-size: 1.15rem;
  font-weight: 700;
  border: 1px solid #1c2430;
  border-radius: 0.3rem;
  background: var(--die);
  color: #1c2430;
}
button.card {
  min-width: 3.4rem;
  height: 3.4rem;
  cursor: grab;
  touch-action: none;
}
.lifted {
  background: var(--accent);
  color: var(--on-accent);
  transform: translateY(-0.25rem);
}
.stock {
  display: grid;
  place-items: center;
  align-content: center;
  gap: 0.2rem;
}
/* For the room: read from three metres. */
html.board .steps,
html.board .label,
html.board .stock {
  font-size: 1.2rem;
}
</style>
