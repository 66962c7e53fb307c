<script setup lang="ts">
import YardSheet from '~/games/skip-count-yard/YardSheet.vue'
import { useYardEntry, type YardTouch } from '~/games/skip-count-yard/useYardEntry'

/** The yard, and how many cards everybody holds. */
const { seats, still, tape } = useDesk()
const { entry, rules, state, open } = useYardEntry()
const touched = useTouched<YardTouch>()
</script>

<template>
  <section class="sheet p-2 space-y-1.5" aria-label="Table">
    <YardSheet
      :sets="rules.sets"
      :yard="state.yard"
      :stock="state.stock"
      :open="open"
      :from="entry.from"
      :newest="entry.card === null && !entry.from ? state.newest : null"
      :touchable="!still && !tape!.state.result"
      @touch="touched = $event"
    />
    <ul class="flex flex-wrap gap-x-5">
      <li v-for="(hand, i) in state.hands" :key="i" class="flex items-center gap-1.5">
        <Pennant :number="seats[i]!.pennant" size="1.1rem" /> {{ seats[i]!.name }} holds
        <b class="figures">{{ hand.size }}</b>
      </li>
    </ul>
  </section>
</template>
