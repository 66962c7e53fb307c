<script setup lang="ts">
import type { Face } from '#core/games/fill-in-order/cards'

/** A player’s places in rows of five: cards that lie open, and backs with the number of the place. */
const {
  layout,
  newest = [],
  coming = [],
  size = '2.9rem',
  touchable = false,
} = defineProps<{
  layout: readonly (Face | null)[]
  /** Places filled in the newest turn. */
  newest?: readonly number[]
  /** Places filled by the chain that is being entered. */
  coming?: readonly number[]
  size?: string
  /** The open places can be touched, for a wild. */
  touchable?: boolean
}>()
const emit = defineEmits<{ pick: [slot: number] }>()
</script>

<template>
  <ol class="places" :style="{ '--size': size, '--columns': Math.min(5, layout.length) }">
    <li v-for="(card, i) in layout" :key="i">
      <component
        :is="touchable && card === null ? 'button' : 'span'"
        class="place"
        :class="{
          newest: newest.includes(i + 1),
          coming: coming.includes(i + 1),
          touchable: touchable && card === null,
        }"
        :type="touchable && card === null ? 'button' : undefined"
        :aria-label="touchable && card === null ? `Put it in place ${i + 1}` : undefined"
        @mousedown.prevent
        @click="touchable && card === null && emit('pick', i + 1)"
      >
        <PlayingCard :value="card" :size="size" :raised="coming.includes(i + 1)" />
        <span v-if="card !== i + 1" class="number figures" :class="{ wild: card !== null }">{{ i + 1 }}</span>
      </component>
    </li>
  </ol>
</template>

<style scoped>
.places {
  display: grid;
  grid-template-columns: repeat(var(--columns), max-content);
  gap: 0.25rem;
  justify-content: space-between;
}
.place {
  position: relative;
  display: grid;
  place-items: center;
  padding: 0.12rem;
  border: 3px solid transparent;
  border-radius: 0.5rem;
}
.touchable {
  cursor: pointer;
  border-color: var(--accent);
  touch-action: manipulation;
}
.newest {
  background: var(--accent-soft);
}
.coming {
  border-color: var(--accent);
  background: var(--accent-soft);
}
.number {
  position: absolute;
  left: 50%;
  top: 50%;
  transform: translate(-50%, -50%);
  min-width: 1.5em;
  padding: 0 0.2em;
  text-align: center;
  border-radius: 0.35rem;
  font-weight: 700;
  font-size: calc(var(--size) * 0.34);
  background: #2f6f7c;
  color: #fff;
}
.number.wild {
  top: auto;
  bottom: 0.1rem;
  transform: translateX(-50%);
  font-size: calc(var(--size) * 0.26);
}
</style>
