<script setup lang="ts">
import type { Where } from '#core/games/column-keeper/rules'
import KeeperSheets from '~/games/column-keeper/KeeperSheets.vue'
import { useKeeperEntry } from '~/games/column-keeper/useKeeperEntry'

/** Everybody's columns; once a card is drawn, the places where it may go are touched. */
const { seats, still } = useDesk()
const { entry, rules, state, open } = useKeeperEntry()
const touched = useTouched<Where>()
</script>

<template>
  <section class="sheet p-3" aria-label="Table">
    <KeeperSheets
      :rules="rules"
      :state="state"
      :seats="seats"
      :open="still ? [] : open"
      :coming="still ? null : entry.card"
      @pick="touched = $event"
    />
  </section>
</template>
