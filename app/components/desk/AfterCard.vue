<script setup lang="ts">
import { cardsInAll, sayCards } from '#core/wording/cards'
import { goodWord } from '#core/wording/talk'
import type { Tape } from '#core/kernel/tape'

/** After the last play: what to look back on, a good word, and what must all have come back into the box. */
const { tape } = defineProps<{ tape: Tape }>()

const away = ref(false)
const rules = computed(() => tape.state.rules)
const game = computed(() => tape.table.game)
const talk = computed(() => game.value.ready.talk(rules.value))
const cards = computed(() => game.value.ready.cards?.(rules.value, tape.table.seats))
/** Cards are counted; other things are looked over. */
const things = computed(() =>
  cards.value ? [] : game.value.prepare(rules.value, tape.table.seats).needs.filter(({ count }) => count < 100),
)
</script>

<template>
  <TalkCard v-model:away="away" aria-label="After the match">
    <p><b class="block text-sm">Look back</b> {{ talk.hard }}</p>
    <p><b class="block text-sm">A good word</b> {{ goodWord(tape.table.seats) }}</p>
    <p v-if="cards">
      <b class="block text-sm">Put away</b> Count the cards: {{ cardsInAll(cards) }} must be there,
      {{ sayCards(cards) }}.
    </p>
    <p v-else-if="things.length">
      <b class="block text-sm">Put away</b>
      {{ things.map(({ count: n, what }) => `${n} ${what}`).join(', ') }}: is all of it there?
    </p>
  </TalkCard>
</template>
