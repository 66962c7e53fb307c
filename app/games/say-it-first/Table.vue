<script setup lang="ts">
import FirstSheet from '~/games/say-it-first/FirstSheet.vue'
import { useFirstEntry } from '~/games/say-it-first/useFirstEntry'

/** The cards that lie open, the piles and the pot. */
const { seats } = useDesk()
const { entry, rules, state, winner } = useFirstEntry()
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <FirstSheet :rules="rules" :state="state" :seats="seats" :cards="entry.cards" :winner="winner" />
  </section>
</template>
