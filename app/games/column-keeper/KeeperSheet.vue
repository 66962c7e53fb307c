<script setup lang="ts">
import { COLUMNS, type KeeperRules, type Sheet, type Where } from '#core/games/column-keeper/rules'

/** One player's sheet: the columns with their places, and what was thrown away; open places are lit up. */
const {
  rules,
  sheet,
  open = [],
  coming = null,
  touchable = false,
} = defineProps<{
  rules: KeeperRules
  sheet: Sheet
  open?: readonly Where[]
  /** The card that is about to be put. */
  coming?: number | null
  /** Every column can be touched: where the player put the card, right or not. */
  touchable?: boolean
}>()
const emit = defineEmits<{ pick: [where: Where] }>()

const columns = computed(() =>
  COLUMNS.slice(0, rules.columns)
    .map((name, i) => ({ name, cards: sheet.columns[i]! }))
    .reverse(),
)
</script>

<template>
  <div class="sheetlet">
    <component
      :is="touchable ? 'button' : 'div'"
      v-for="{ name, cards } in columns"
      :key="name"
      class="column"
      :class="{ open: open.includes(name) }"
      :aria-label="
        touchable
          ? open.includes(name)
            ? `Put it in the ${name}`
            : `Was put in the ${name}, which are full`
          : undefined
      "
      @click="touchable && emit('pick', name)"
    >
      <span class="name">{{ name }}</span>
      <span v-for="n in rules.perColumn" :key="n" class="slot figures">
        <PlayingCard v-if="cards[n - 1] !== undefined" :value="cards[n - 1]!" size="2.1rem" />
        <span v-else-if="open.includes(name) && coming !== null && cards.length === n - 1" class="ghost">{{
          coming
        }}</span>
      </span>
    </component>
    <component
      :is="touchable ? 'button' : 'div'"
      v-if="rules.discards"
      class="column aside"
      :class="{ open: open.includes('aside') }"
      :aria-label="touchable ? (open.includes('aside') ? 'Throw it away' : 'Was thrown away, one too many') : undefined"
      @click="touchable && emit('pick', 'aside')"
    >
      <span class="name">aside</span>
      <span v-for="n in rules.discards" :key="n" class="slot figures">
        <PlayingCard v-if="sheet.aside[n - 1] !== undefined" :value="sheet.aside[n - 1]!" size="2.1rem" dim />
      </span>
    </component>
  </div>
</template>

<style scoped>
.sheetlet {
  display: flex;
  gap: 0.25rem;
}
.column {
  flex: 1 1 0;
  min-width: 2.8rem;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 0.25rem;
  padding: 0.25rem 0.1rem;
  border: 1px solid var(--rule);
  border-radius: 0.4rem;
  background: var(--paper);
}
.aside {
  border-style: dashed;
}
button.column {
  cursor: pointer;
}
.open {
  border: 3px solid var(--accent);
  background: var(--accent-soft);
}
.name {
  font-size: 0.95rem;
  font-weight: 600;
  letter-spacing: -0.03em;
}
.slot {
  min-height: 2.8rem;
  display: grid;
  place-items: center;
}
.ghost {
  font-size: 1.3rem;
  font-weight: 700;
  color: var(--ink-soft);
  border: 2px dashed var(--ink-soft);
  border-radius: 0.3rem;
  width: 2rem;
  height: 2.6rem;
  display: grid;
  place-items: center;
}
</style>
