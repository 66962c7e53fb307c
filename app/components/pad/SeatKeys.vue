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
  <div class="flex flex-wrap gap-1.5" role="group" :aria-label="label">
    <template v-for="(seat, i) in seats" :key="i">
      <Key v-if="!only || only.includes(i + 1)" :aria-pressed="chosen === i + 1" @click="emit('pick', i + 1)">
        <Pennant :number="seat.pennant" size="1.3rem" /> {{ seat.name }}
      </Key>
    </template>
  </div>
</template>
