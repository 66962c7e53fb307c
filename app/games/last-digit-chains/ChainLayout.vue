<script setup lang="ts">
import { chainOf, type ChainRules, type Layout } from '#core/games/last-digit-chains/rules'

/** One layout: the fans with their tops in reach (touched, or dragged to a row), the four rows growing, and the sum of the last two of each row. */
const {
  rules,
  layout,
  chosen = null,
  touchable = false,
  small = false,
  sums = true,
} = defineProps<{
  rules: Pick<ChainRules, 'chain'>
  layout: Pick<Layout, 'fans' | 'rows'>
  /** The fan that was touched. */
  chosen?: number | null
  touchable?: boolean
  small?: boolean
  /** Whether the sums of the last two are written. */
  sums?: boolean
}>()
const emit = defineEmits<{ fan: [fan: number]; row: [row: number]; laid: [take: { fan: number; row: number }] }>()
const fans = useTemplateRef<HTMLElement>('fans')
useDragged(() => (touchable ? fans.value : null), {
  group: 'chains',
  draggable: '[data-fan]',
  drop: ({ item, place }) => emit('laid', { fan: Number(item.dataset.fan), row: Number(place) }),
})
const chain = computed(() => chainOf(rules))
const lastTwo = (row: readonly number[]) =>
  row.length >= 2 && row.length < chain.value.length ? ([row.at(-2)!, row.at(-1)!] as const) : null
</script>

<template>
  <div class="layout" :class="{ small }">
    <ul ref="fans" class="fans" aria-label="Fans">
      <li v-for="(fan, f) in layout.fans" :key="f" :data-fan="fan.length ? f + 1 : undefined">
        <component
          :is="touchable && fan.length ? 'button' : 'span'"
          class="fan"
          :class="{ chosen: chosen === f + 1 }"
          :type="touchable && fan.length ? 'button' : undefined"
          :aria-label="touchable && fan.length ? `Fan ${f + 1}: ${fan.at(-1)}` : undefined"
          @mousedown.prevent
          @click="touchable && fan.length && emit('fan', f + 1)"
        >
          <span v-for="(card, i) in fan" :key="i" class="card figures" :class="{ top: i === fan.length - 1 }">{{
            card
          }}</span>
          <span v-if="!fan.length" class="bare" />
        </component>
        <span v-if="!small" class="number figures">{{ f + 1 }}</span>
      </li>
    </ul>
    <ol class="rows">
      <li v-for="(row, r) in layout.rows" :key="r" :data-place="r + 1">
        <component
          :is="touchable && chosen !== null ? 'button' : 'span'"
          class="row"
          :type="touchable && chosen !== null ? 'button' : undefined"
          :aria-label="touchable && chosen !== null ? `Row ${r + 1}` : undefined"
          @mousedown.prevent
          @click="touchable && chosen !== null && emit('row', r + 1)"
        >
          <span class="number figures">{{ r + 1 }}</span>
          <span
            v-for="(card, i) in row"
            :key="i"
            class="card figures top"
            data-arrives
            :class="{ pair: sums && lastTwo(row) && i >= row.length - 2 }"
            >{{ card }}</span
          >
          <template v-if="row.length < 2"
            ><span v-for="start in chain.starts[r]!.slice(row.length)" :key="`s${start}`" class="card figures open">{{
              start
            }}</span></template
          >
          <span v-if="sums && lastTwo(row)" class="figures sum"
            >{{ lastTwo(row)![0] }} + {{ lastTwo(row)![1] }} =
            {{ Math.floor((lastTwo(row)![0] + lastTwo(row)![1]) / 10) || ''
            }}<b>{{ (lastTwo(row)![0] + lastTwo(row)![1]) % 10 }}</b></span
          >
          <span v-else-if="row.length === chain.length" class="text-(--stands) font-bold">full</span>
        </component>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.layout {
  --w: 2rem;
  display: grid;
  gap: 0.7rem;
}
.small {
  --w: 1.4rem;
  gap: 0.3rem;
}
.fans {
  display: flex;
  flex-wrap: wrap;
  gap: 0.45rem 0.5rem;
}
.fans li {
  display: grid;
  justify-items: center;
}
.fan {
  display: flex;
  min-width: calc(var(--w) + 0.5rem);
  min-height: calc(var(--w) * 1.35 + 0.4rem);
  padding: 0.15rem;
  border: 2px solid transparent;
  border-radius: 0.45rem;
}
button.fan {
  cursor: pointer;
  touch-action: none;
  min-width: 3.55rem;
  min-height: 3.7rem;
  justify-content: center;
}
.card {
  display: grid;
  place-items: center;
  width: var(--w);
  height: calc(var(--w) * 1.35);
  border-radius: 0.3rem;
  border: 1px solid #1c2430;
  background: #cfc7b8;
  color: #1c2430;
  font-size: calc(var(--w) * 0.6);
  font-weight: 600;
}
.fan .card + .card {
  margin-left: calc(var(--w) * -0.42);
}
.fan .card:not(.top) {
  justify-content: start;
  padding-left: 0.2em;
}
.card.top {
  background: var(--die);
  font-weight: 800;
  font-size: calc(var(--w) * 0.75);
}
.chosen {
  border-color: var(--accent);
  background: var(--accent-soft);
}
.bare {
  width: var(--w);
  border: 2px dashed var(--ui-border-accented);
  border-radius: 0.3rem;
}
.number {
  font-size: 1.35rem;
  line-height: 1.1;
  color: var(--ink-soft);
}
.rows {
  display: grid;
  gap: 0.25rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.15rem;
  width: 100%;
  min-height: calc(var(--w) * 1.35);
  padding: 0.1rem 0.3rem;
  border: 2px solid transparent;
  border-radius: 0.5rem;
}
button.row {
  border-color: var(--accent);
  min-height: 2.75rem;
  cursor: pointer;
  touch-action: manipulation;
}
.row .number {
  width: 1rem;
}
.open {
  background: transparent;
  border: 2px dashed var(--ui-border-accented);
  color: var(--ink-soft);
}
.pair {
  outline: 2px solid var(--accent);
  outline-offset: -1px;
}
.sum {
  margin-left: 0.6rem;
  font-size: calc(var(--w) * 0.6);
}
.sum b {
  color: var(--accent);
  border-bottom: 3px solid var(--accent);
}
.small .sum {
  display: none;
}
/* For the room: read from three metres. */
html.board .layout {
  font-size: 1.3rem;
  --w: 2.4rem;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  align-items: start;
}
html.board .fans {
  gap: 0.2rem 0.3rem;
}
html.board .number {
  font-size: 1.3rem;
}
</style>
