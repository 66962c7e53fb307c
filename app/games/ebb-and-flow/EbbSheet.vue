<script setup lang="ts">
import { numbersLeft, type EbbCard as Card, type EbbRules, type EbbState } from '#core/games/ebb-and-flow/rules'
import EbbCard from '~/games/ebb-and-flow/EbbCard.vue'
import EbbGauges from '~/games/ebb-and-flow/EbbGauges.vue'
import type { Seat } from '#shared/api'

/** The pack, the card turned, and the gauges. */
const {
  rules,
  state,
  seats,
  card = null,
  up = null,
  coming = null,
  secret = false,
} = defineProps<{
  rules: EbbRules
  state: EbbState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** A card that is being entered, and whether it adds. */
  card?: Card | null
  up?: boolean | null
  coming?: { readonly by: number; readonly after: number } | null
  secret?: boolean
}>()
const shown = computed<Card | null>(() => card ?? (state.wild ? 'wild' : (state.newest?.card ?? null)))
const rises = computed(() => (card !== null ? up : state.wild ? null : (state.newest?.up ?? null)))
const left = computed(() => numbersLeft(rules, state))
</script>

<template>
  <div class="flex flex-wrap items-center justify-between gap-x-8 gap-y-3">
    <figure class="flex flex-col items-center gap-1">
      <EbbCard :card="shown" :up="rises" size="6rem" />
      <figcaption class="text-sm">{{ left }} number cards left</figcaption>
      <p v-if="state.wild" class="font-semibold">The next card is added.</p>
    </figure>
    <EbbGauges class="flex-1 basis-72" :rules="rules" :state="state" :seats="seats" :coming="coming" :secret="secret" />
  </div>
</template>

<style scoped>
/* For the room: read from three metres. */
html.board figcaption {
  font-size: 1.05rem;
}
</style>
