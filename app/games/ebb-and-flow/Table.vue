<script setup lang="ts">
import { cardOf } from '#core/games/ebb-and-flow/rules'
import EbbSheet from '~/games/ebb-and-flow/EbbSheet.vue'
import { useEbbEntry } from '~/games/ebb-and-flow/useEbbEntry'

/** The card turned and the gauges; a card that is being entered shows where it leads. */
const { seats, seat, veiled } = useDesk()
const { entry, rules, state, leads } = useEbbEntry()
const card = computed(() => (entry.value.card === null ? null : cardOf(entry.value.card, entry.value.colour)))
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <EbbSheet
      :rules="rules"
      :state="state"
      :seats="seats"
      :card="card"
      :up="leads?.up ?? null"
      :coming="veiled ? null : leads && { by: seat, after: leads.after }"
    />
  </section>
</template>
