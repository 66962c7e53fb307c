<script setup lang="ts">
import HandList from '~/games/skip-count-yard/HandList.vue'
import YardSheet from '~/games/skip-count-yard/YardSheet.vue'
import { useYardEntry, type YardTouch } from '~/games/skip-count-yard/useYardEntry'

/** The yard, and how many cards everybody holds. */
const { seats, still, tape, veiled } = useDesk()
const { entry, rules, state, open } = useYardEntry()
const touched = useTouched<YardTouch>()
</script>

<template>
  <section class="sheet p-2 space-y-1.5" aria-label="Table">
    <YardSheet
      :sets="rules.sets"
      :yard="state.yard"
      :stock="state.stock"
      :open="veiled ? [] : open"
      :told="!veiled"
      :from="entry.from"
      :newest="entry.card === null && !entry.from ? state.newest : null"
      :touchable="!still && !tape!.state.result"
      @touch="touched = $event"
    />
    <HandList :hands="state.hands.map(({ size }) => size)" :out="state.out" :seats="seats" />
  </section>
</template>
