<script setup lang="ts">
import { inReach, openTiles, placeOf, stockOf, type Layout } from '#core/games/roof-tiles/layout'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'

/** One roof: overlapping tiles, the uncovered ones raised; beside it the stock and the turned pile. */
const {
  rules,
  layout,
  chosen = [],
  turned = false,
  touchable = false,
} = defineProps<{
  rules: RoofRules
  layout: Layout
  chosen?: readonly number[]
  turned?: boolean
  touchable?: boolean
}>()
const emit = defineEmits<{ tile: [tile: number]; turned: [] }>()

const open = computed(() => new Set(openTiles(rules.rows, layout)))
const tiles = computed(() =>
  layout.cards.map((card, tile) => ({ card, tile, row: placeOf(tile)[0], place: placeOf(tile)[1] })),
)
/** In units of a card's width: rows overlap by nearly half a card's height. */
const STEP = 0.72
const width = computed(() => rules.rows * 1.08)
const height = computed(() => (rules.rows - 1) * STEP + 1.34)
const left = (row: number, place: number) =>
  `${(100 * ((rules.rows - row) * 0.54 + (place - 1) * 1.08)) / width.value}%`
const top = (row: number) => `${(100 * (row - 1) * STEP) / height.value}%`
const reach = computed(() => inReach(rules, layout))
</script>

<template>
  <div class="roof" :style="{ '--cards': rules.rows, '--shape': width / height }">
    <div class="tiles" :style="{ aspectRatio: `${width} / ${height}` }">
      <template v-for="{ card, tile, row, place } in tiles" :key="tile">
        <component
          :is="touchable ? 'button' : 'span'"
          v-if="!layout.gone[tile]"
          class="tile figures"
          :class="{ open: open.has(tile), chosen: chosen.includes(tile) }"
          :style="{ left: left(row, place), top: top(row), width: `${100 / width}%`, zIndex: row }"
          :aria-label="touchable ? `Tile ${row}.${place}: ${card}${open.has(tile) ? '' : ', covered'}` : undefined"
          :aria-pressed="touchable ? chosen.includes(tile) : undefined"
          @click="touchable && emit('tile', tile)"
          >{{ card }}</component
        >
      </template>
    </div>
    <div class="beside">
      <span class="figures" role="img" :aria-label="`${stockOf(layout)} cards in the stock`">
        <PlayingCard :value="null" size="2.4rem" :dim="stockOf(layout) === 0" /><span class="block text-center">{{
          stockOf(layout)
        }}</span>
      </span>
      <component
        :is="touchable && reach !== undefined ? 'button' : 'span'"
        class="pile"
        :class="{ chosen: turned }"
        :aria-label="touchable ? `The turned card${reach === undefined ? ': none' : `: ${reach}`}` : undefined"
        @click="touchable && reach !== undefined && emit('turned')"
      >
        <PlayingCard
          v-if="layout.pile.length"
          :value="layout.pile.at(-1)!"
          size="2.4rem"
          :raised="reach !== undefined"
          :dim="reach === undefined"
        />
        <span v-else class="none" />
        <span class="block text-center figures">{{ layout.pile.length }}</span>
      </component>
    </div>
  </div>
</template>

<style scoped>
.roof {
  display: flex;
  gap: 1rem;
  align-items: flex-start;
  container-type: inline-size;
}
.tiles {
  position: relative;
  flex: 1 1 auto;
  max-width: calc(var(--cards) * 4.3rem);
}
.tile {
  position: absolute;
  aspect-ratio: 3 / 4;
  display: grid;
  place-items: start center;
  padding-top: 0.28em;
  font-weight: 800;
  font-size: clamp(0.8rem, 5.2cqw, 1.7rem);
  line-height: 1;
  border: 1.5px solid #1c2430;
  border-radius: 0.35rem;
  background: color-mix(in oklab, var(--die), #8f8672 32%);
  color: #1c2430;
}
.tile.open {
  background: var(--die);
  box-shadow: 0 4px 6px rgb(0 0 0 / 0.35);
  transform: translateY(-6%);
  border-width: 2.5px;
}
button.tile {
  cursor: pointer;
}
/* What is touched is no narrower than a finger; in less room it is scrolled. */
.tiles:has(button.tile) {
  min-width: calc(var(--cards) * 2.85rem);
}
.tile.chosen,
.pile.chosen {
  outline: 4px solid var(--accent);
  outline-offset: 1px;
}
.beside {
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  font-size: 1.25rem;
}
.pile {
  border-radius: 0.4rem;
}
button.pile {
  min-width: 3.6rem;
  display: grid;
  justify-items: center;
  cursor: pointer;
}
.none {
  display: block;
  width: 2.4rem;
  height: 3.2rem;
  border: 2px dashed var(--ink-soft);
  border-radius: 0.4rem;
}
/* For the room: read from three metres. */
html.board .beside {
  font-size: 1.5rem;
}
</style>
