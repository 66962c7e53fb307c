<script setup lang="ts">
import type { Board } from '#shared/api'
import { useGameView } from '~/games'
import { drawingsFor } from '~/utils/drawings'

/**
 * The board view for a projector or a second screen: it fills the screen at any size, live, and holds nothing that the
 * public can't know. What the dice or cards come to is not told before a child does, unless that is wished.
 */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { board, clock, missing, stale } = useBoard<Board>(() => `/api/boards/${String(route.params.token)}`)
const view = useGameView(() => board.value?.game)
const { text, nearEnd, left } = useClock(
  () => clock.value,
  () => board.value?.minutes ?? null,
)
/** Remembered on this screen. */
const atOnce = useLocalStorage('board-sums-at-once', false)
const secret = computed(() => Boolean(board.value?.secret) && !atOnce.value)
const drawn = computed(() => board.value?.newest?.working.find((working) => drawingsFor(working).length) ?? null)

useHead({ title: () => `${board.value?.title ?? 'Board'} · Nimble Tally`, htmlAttrs: { class: 'board' } })
</script>

<template>
  <BoardPage :missing="missing" :ready="board !== null" looking="Looking for the table …">
    <div v-if="board" class="screen">
      <header>
        <h1>{{ board.title }}</h1>
        <p class="round">{{ board.round }}</p>
        <p v-if="stale" role="status" class="warn">
          <UIcon name="i-lucide-wifi-off" class="size-6" /> Out of date: the connection is lost. Trying again …
        </p>
        <p v-else-if="board.timeCalled && !board.result" class="warn">
          Time: this round is played to its end, then it is decided.
        </p>
        <p
          v-if="left !== null && !board.result"
          class="figures clock"
          :class="{ near: nearEnd }"
          role="timer"
          aria-label="Clock"
        >
          {{ text }}
        </p>
      </header>
      <section class="lies sheet" aria-label="Table">
        <FitBox :least="0.25" :most="4">
          <BoardHelp v-if="board.help" :help="board.help" />
          <component
            :is="view.Board"
            v-else-if="view"
            :rules="board.rules"
            :view="board.view"
            :seats="board.seats"
            :turn="board.turn"
            :secret="secret"
          />
        </FitBox>
      </section>
      <BoardStanding class="standing" :board="board" />
      <section v-if="board.result" class="last sheet" aria-label="Announcement">
        <p class="won">{{ board.result.says }}</p>
      </section>
      <section v-else-if="board.asked" class="last sheet" aria-label="What the room says" aria-live="polite">
        <FitBox :least="0.4" :most="1.6"><BoardAsked :asked="board.asked" /></FitBox>
      </section>
      <section v-else-if="board.newest" class="last sheet" aria-label="Last play" aria-live="polite">
        <FitBox :least="0.4" :most="1.6">
          <div class="flex flex-wrap items-center gap-x-8 gap-y-2">
            <div class="space-y-1">
              <p class="text-2xl font-semibold">{{ board.newest.says }}</p>
              <template v-if="!secret"
                ><p v-for="(working, i) in board.newest.working" :key="i" class="text-3xl font-bold">
                  <WorkingLine :working="working" tens /></p
              ></template>
            </div>
            <WorkingDrawing v-if="drawn && !secret" :working="drawn" :choice="false" class="grow basis-72 max-w-96" />
          </div>
        </FitBox>
      </section>
      <section v-else class="last sheet" aria-label="Last play">
        <p class="text-2xl">Nothing has been played yet.</p>
      </section>
      <button v-if="board.secret || atOnce" class="switch" :aria-pressed="atOnce" @click="atOnce = !atOnce">
        {{ atOnce ? 'Sums are shown at once' : 'Show sums at once' }}
      </button>
    </div>
  </BoardPage>
</template>

<style scoped>
.screen {
  height: 100dvh;
  display: grid;
  gap: 0.7rem;
  padding: 0.7rem 0.9rem;
  grid-template-columns: minmax(0, 1fr) minmax(0, 32%);
  grid-template-rows: auto minmax(0, 1fr) minmax(0, 25%);
  grid-template-areas: 'head head' 'table standing' 'last standing';
}
header {
  grid-area: head;
  display: flex;
  align-items: baseline;
  gap: 1.5rem;
  min-width: 0;
}
h1 {
  font-size: 2.1rem;
  font-weight: 800;
  line-height: 1.1;
  white-space: nowrap;
}
.round {
  font-size: 1.4rem;
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
  font-size: 2.6rem;
  font-weight: 700;
  line-height: 1;
}
.near {
  color: var(--call);
}
.lies {
  grid-area: table;
  padding: 0.8rem;
  min-height: 0;
}
.standing {
  grid-area: standing;
  min-height: 0;
}
.last {
  grid-area: last;
  padding: 0.6rem 0.9rem;
  min-height: 0;
}
.won {
  font: 800 2.6rem/1.15 var(--font-display);
}
.switch {
  position: absolute;
  right: 0.9rem;
  bottom: 0.4rem;
  min-height: 44px;
  padding: 0 0.6rem;
  font-size: max(0.7rem, 12px);
  color: var(--ink-soft);
  background: color-mix(in oklab, var(--sheet), transparent 15%);
  border-radius: 0.4rem;
  cursor: pointer;
}
@media (max-aspect-ratio: 1/1) {
  .screen {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto minmax(0, 16%);
    grid-template-areas: 'head' 'table' 'standing' 'last';
  }
}
</style>
