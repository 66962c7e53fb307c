<script setup lang="ts">
import { sayCards } from '#core/wording/cards'
import type { Tape } from '#core/kernel/tape'

/** After the last play: what to look back on, a good word, and what must all have come back into the box. */
const { tape } = defineProps<{ tape: Tape }>()

const wished = useTalk()
const away = ref(false)
const rules = computed(() => tape.state.rules)
const game = computed(() => tape.table.game)
const talk = computed(() => game.value.ready.talk(rules.value))
const cards = computed(() => game.value.ready.cards?.(rules.value, tape.table.seats))
/** Cards are counted; other things are looked over. */
const things = computed(() =>
  cards.value ? [] : game.value.prepare(rules.value, tape.table.seats).needs.filter(({ count }) => count < 100),
)
const total = computed(() => cards.value?.reduce((sum, { count: copies }) => sum + copies, 0) ?? 0)
const alone = computed(() => tape.table.seats === 1)
</script>

<template>
  <section v-if="wished && !away" class="card space-y-2" aria-label="After the match">
    <p><b class="block text-sm">Look back</b> {{ talk.hard }}</p>
    <p>
      <b class="block text-sm">A good word</b>
      {{
        alone
          ? 'Say aloud what went well today.'
          : 'Everybody tells the one to the left what that one did well, and all say: well played.'
      }}
    </p>
    <p v-if="cards">
      <b class="block text-sm">Put away</b> Count the cards: {{ total }} must be there, {{ sayCards(cards) }}.
    </p>
    <p v-else-if="things.length">
      <b class="block text-sm">Put away</b>
      {{ things.map(({ count: n, what }) => `${n} ${what}`).join(', ') }}: is all of it there?
    </p>
    <Key @click="away = true"><UIcon name="i-lucide-x" class="size-5" /> Put away</Key>
  </section>
</template>

<style scoped>
.card {
  padding: 0.6rem 0.8rem;
  border-left: 4px solid var(--accent);
  background: var(--accent-soft);
  border-radius: 0.4rem;
}
</style>
