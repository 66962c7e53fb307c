<script setup lang="ts">
import type { Board } from '#shared/api'
import { useGameView } from '~/games'

/**
 * The board view for a projector or a second screen, composed for the room that it gets: what was played stands with its
 * working over the picture in which it happened. It holds nothing that the public can't know; what the dice or cards come to
 * is not told before a child does, unless that is wished.
 */
definePageMeta({ layout: 'board' })

const route = useRoute()
const address = () => `/api/boards/${String(route.params.token)}` as const
const { board, clock, missing, stale } = useBoard<Board>(
  () => callApi(address()),
  () => `${address()}/live`,
)
const view = useGameView(() => board.value?.game)
const { text, nearEnd, left } = useClock(
  () => clock.value,
  () => board.value?.minutes ?? null,
)
/** Remembered on this screen. */
const atOnce = useLocalStorage('board-sums-at-once', false)
const secret = computed(() => Boolean(board.value?.secret) && !atOnce.value)
/** The screen's own switch is there while somebody is at it, and out of the picture else. */
const { idle } = useIdle(4000)

useHead({ title: () => `${board.value?.title ?? 'Board'} · Nimble Tally` })
</script>

<template>
  <BoardPage :missing="missing" :ready="board !== null" looking="Looking for the table …">
    <BoardScene v-if="board" :board="board" :view="view" :secret="secret">
      <template #head>
        <h1>{{ board.title }}</h1>
        <p class="round">{{ board.round }}</p>
        <p v-if="stale" role="status" class="warn">
          <UIcon name="i-lucide-wifi-off" class="size-7" /> Out of date: the connection is lost. Trying again …
        </p>
        <p v-else-if="board.timeCalled && !board.result" class="warn">
          Time: this round is played to its end, then it is decided.
        </p>
        <button
          v-if="board.secret || atOnce"
          class="switch"
          :class="{ idle }"
          :aria-pressed="atOnce"
          @click="atOnce = !atOnce"
        >
          {{ atOnce ? 'Sums are shown at once' : 'Show sums at once' }}
        </button>
        <p
          v-if="left !== null && !board.result"
          class="figures clock"
          :class="{ near: nearEnd }"
          role="timer"
          aria-label="Clock"
        >
          {{ text }}
        </p>
      </template>
    </BoardScene>
  </BoardPage>
</template>

<style scoped>
h1 {
  font-size: 1.7rem;
  font-weight: 800;
  line-height: 1.1;
  white-space: nowrap;
}
.round {
  font-size: 1.25rem;
  color: var(--ink-soft);
  white-space: nowrap;
}
.warn {
  font-size: 1.25rem;
  font-weight: 700;
  color: var(--call);
}
.clock {
  margin-left: auto;
  font-size: 2.1rem;
  font-weight: 700;
  line-height: 1;
}
.near {
  color: var(--call);
}
.switch {
  margin-left: auto;
  min-height: 44px;
  font-size: 1.25rem;
  line-height: 1.2;
  color: var(--ink-soft);
  text-decoration: underline;
  text-underline-offset: 4px;
  cursor: pointer;
}
.switch + .clock {
  margin-left: 0;
}
.switch.idle:not(:focus-visible, :hover) {
  opacity: 0;
}
@media (max-aspect-ratio: 1/1) {
  .screen.tall {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    grid-template-areas: 'head' 'news' 'table' 'standing';
  }
}
</style>
