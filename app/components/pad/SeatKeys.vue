<script setup lang="ts">
import type { Seat } from '#shared/api'

/** Players to be touched by their pennants. */
const {
  seats,
  chosen,
  only = undefined,
  label,
} = defineProps<{
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  chosen: number | null
  /** The seats that may be chosen; all where left out. */
  only?: readonly number[]
  label: string
}>()
const emit = defineEmits<{ pick: [seat: number] }>()
</script>

<template>
  <div class="seats flex flex-wrap gap-1.5" role="group" :aria-label="label">
    <template v-for="(seat, i) in seats" :key="i">
      <Key v-if="!only || only.includes(i + 1)" :aria-pressed="chosen === i + 1" @click="emit('pick', i + 1)">
        <Pennant :number="seat.pennant" size="1.3rem" /> <span class="name">{{ seat.name }}</span>
      </Key>
    </template>
  </div>
</template>

<style scoped>
/* On a phone they stand in columns, so that many of them leave room for the table. */
@media (max-width: 47.99rem) {
  .seats {
    display: grid;
    flex: 1 1 100%;
    width: 100%;
    grid-template-columns: repeat(auto-fill, minmax(7.5rem, 1fr));
  }
  .seats > .key {
    gap: 0.3rem;
    padding: 0 0.3rem;
  }
  .name {
    overflow: hidden;
    font-size: 0.88rem;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
}
</style>
