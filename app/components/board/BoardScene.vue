<script setup lang="ts">
import type { GameView } from '~/games/view'
import type { ShownBoard } from '#shared/api'

/**
 * What a board shows, composed for the room that it gets: what is new over the picture in which it happened, and everybody's
 * standing below or beside it.
 */
const { board, view, secret } = defineProps<{
  board: ShownBoard
  view: GameView | undefined
  /** What the newest play comes to is a child's to say. */
  secret: boolean
}>()
defineSlots<{
  head(): unknown
  /** What is new, where it is told in another way. */
  news?(): unknown
}>()
provideSeatsShown(
  () => board,
  () => view?.board?.each,
)
const wide = useMediaQuery('(min-width: 48rem)')
const tall = computed(() => wide.value && (view?.board?.tall === true || board.help !== null))
</script>

<template>
  <div class="screen" :class="{ tall }">
    <header><slot name="head" /></header>
    <div class="news">
      <slot name="news"><BoardNews :board="board" :secret="secret" /></slot>
    </div>
    <section class="lies sheet" aria-label="Table">
      <FitBox :least="0.25" :most="6" fill :moment="board">
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
    <BoardStanding class="standing" :board="board" :column="tall" />
  </div>
</template>

<style scoped>
.screen {
  height: 100dvh;
  display: grid;
  gap: 0.5rem;
  padding: 0.5rem 0.7rem;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  grid-template-areas: 'head' 'news' 'table' 'standing';
}
.screen.tall {
  grid-template-columns: minmax(0, 1fr) 16.5rem;
  grid-template-rows: auto auto minmax(0, 1fr);
  grid-template-areas: 'head standing' 'news standing' 'table standing';
}
header {
  grid-area: head;
  display: flex;
  align-items: baseline;
  gap: 1.5rem;
  min-width: 0;
}
.news {
  grid-area: news;
}
.lies {
  grid-area: table;
  padding: 0.6rem;
  min-height: 0;
}
.standing {
  grid-area: standing;
  min-height: 0;
}
</style>
