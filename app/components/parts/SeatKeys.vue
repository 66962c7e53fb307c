<script setup lang="ts">
import type { Seat } from '~/utils/matches'

/** Players to be touched by their pennants. */
const { seats, chosen, only = undefined, label } = defineProps<{
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  chosen: number | null
  /** The seats that may be chosen; all where left out. */
  only?: readonly number[]
  label: string
}>()
const emit = defineEmits<{ pick: [seat: number] }>()
</script>

<template>
  <div class="flex flex-wrap gap-1.5" role="group" :aria-label="label">
    <template v-for="(seat, i) in seats" :key="i">
      <button v-if="!only || only.includes(i + 1)" type="button" class="key" :aria-pressed="chosen === i + 1" @click="emit('pick', i + 1)">
        <Pennant :number="seat.pennant" size="1.3rem" /> {{ seat.name }}
      </button>
    </template>
  </div>
</template>
