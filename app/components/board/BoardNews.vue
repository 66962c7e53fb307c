<script setup lang="ts">
import type { ShownBoard } from '#shared/api'
import { drawingsFor } from '~/utils/drawings'

/** What is new: who won; what the room guesses; what was played, its working, and what came of it, or what is asked. */
const { board, secret } = defineProps<{ board: ShownBoard; secret: boolean }>()

/** Two workings are read in a line; of a longer one the last is what it came to. */
const workings = computed(() => (board.newest?.working ?? []).slice(-2))
/** Ten-frames and rows say it without a letter, so that they may be small. */
const LETTERLESS = ['frames', 'array'] as const
const drawn = computed(() =>
  workings.value.find((working) => drawingsFor(working).some((fit) => LETTERLESS.some((each) => each === fit))),
)
const next = computed(() => {
  const [seat, ...others] = board.turn
  return seat !== undefined && !others.length ? board.seats[seat - 1]?.name : undefined
})
</script>

<template>
  <section v-if="board.result" class="news sheet" aria-label="Announcement">
    <p class="won">{{ board.result.says }}</p>
  </section>
  <section v-else-if="board.asked" class="news sheet" aria-label="What the room says" aria-live="polite">
    <BoardAsked :asked="board.asked" />
  </section>
  <section v-else class="news sheet" aria-label="Last play" aria-live="polite">
    <template v-if="board.newest">
      <p class="says">{{ board.newest.says }}</p>
      <p v-if="secret" class="asks">{{ board.asks }}</p>
      <template v-else>
        <p v-for="(working, i) in workings" :key="i" class="working"><WorkingLine :working="working" tens /></p>
        <p v-if="board.newest.came" class="came">{{ board.newest.came }}</p>
        <LazyWorkingDrawing v-if="drawn" :working="drawn" :choice="false" :among="LETTERLESS" class="drawn" />
      </template>
    </template>
    <p v-else class="says">{{ next ? `${next} begins.` : 'Nothing has been played yet.' }}</p>
  </section>
</template>

<style scoped>
.news {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.1rem 1.5rem;
  padding: 0.35rem 0.9rem;
  min-height: 2.6rem;
  max-height: 6.6rem;
  overflow: hidden;
}
.says,
.came,
.asks {
  font-size: 1.25rem;
  line-height: 1.25;
}
.says,
.asks {
  font-weight: 600;
}
.asks {
  color: var(--accent);
}
.working {
  font-size: 1.5rem;
  font-weight: 700;
  line-height: 1.25;
}
.drawn {
  margin-left: auto;
  align-self: center;
}
.drawn :deep(.frame) {
  width: 6.4rem;
}
.drawn :deep(svg) {
  max-height: 4rem;
}
.won {
  font: 800 1.65rem/1.1 var(--font-display);
}
</style>
