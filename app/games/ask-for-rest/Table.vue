<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { askForRest } from '#core/games/ask-for-rest/index'
import PairPiles from '~/games/ask-for-rest/PairPiles.vue'

/** The piles of pairs; hands show what the referee may know: all of them when the app deals, on request. */
const { seats, veiled } = useDesk()
const { tape, state } = useTable(askForRest)
const dealt = computed(() => tape.value.table.source === 'dealt')
const peek = ref(false)
const known = computed(() =>
  !veiled.value && (dealt.value || peek.value) ? state.value.hands.map((hand) => hand.known) : [],
)
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <PairPiles
      :piles="state.piles"
      :hands="state.hands.map(({ size }) => size)"
      :stock="state.stock"
      :seats="seats"
      :turn="state.owed ?? state.turn"
      :known="known"
    >
      <button
        v-if="!dealt && !veiled"
        class="underline underline-offset-4 min-h-11 cursor-pointer text-sm"
        :aria-pressed="peek"
        @click="peek = !peek"
      >
        {{ peek ? 'hide known' : 'what is known' }}
      </button>
    </PairPiles>
    <p v-if="state.owed" class="font-semibold text-(--call)">{{ ofSeat(seats, state.owed).name }} draws.</p>
  </section>
</template>
