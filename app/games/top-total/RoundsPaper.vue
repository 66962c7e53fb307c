<script setup lang="ts">
import type { TopState } from '#core/games/top-total/rules'
import RoundLine from '~/games/top-total/RoundLine.vue'
import type { Seat } from '#shared/api'

/** The sheet of paper: the round in progress large, those before it in a strip, the newest first. */
const {
  state,
  seats,
  now = true,
  signs = true,
} = defineProps<{ state: TopState; seats: readonly Pick<Seat, 'name' | 'pennant'>[]; now?: boolean; signs?: boolean }>()
const before = computed(() => state.history.map((round, i) => ({ ...round, number: i + 1 })).reverse())
</script>

<template>
  <div class="space-y-3">
    <RoundLine v-if="now" :signs="signs" :passes="state.passes" :seats="seats" />
    <ol v-if="before.length" class="strip" aria-label="Rounds before">
      <li v-for="round in before" :key="round.number">
        <span class="number">{{ round.number }}</span><RoundLine
          small
          :passes="round.passes"
          :winners="round.winners"
          :seats="seats"
        />
      </li>
    </ol>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.9rem;
}
.strip li {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  padding: 0.15rem 0.5rem 0.15rem 0.2rem;
  border-bottom: 1px solid var(--rule);
}
.number {
  min-width: 1.2rem;
  font-size: 0.8rem;
  color: var(--ink-soft);
  text-align: right;
}
/* For the room: read from three metres. */
html.board .strip {
  justify-content: space-between;
}
html.board .number {
  font-size: 1rem;
}
</style>
