<script setup lang="ts">
import { useGameView } from '~/games'
import { drawingsFor } from '~/utils/drawings'

/** The board view for a projector or a second screen: large, live, and nothing that the public can't know. */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { board, clock, missing, stale } = useBoard(() => String(route.params.token))
const view = useGameView(() => board.value?.game)
const { text, nearEnd, left } = useClock(
  () => clock.value,
  () => board.value?.minutes ?? null,
)
const drawn = computed(() => board.value?.newest?.working.find((working) => drawingsFor(working).length) ?? null)

useHead({ title: () => `${board.value?.title ?? 'Board'} · Nimble Tally` })
</script>

<template>
  <div v-if="missing" class="p-10 text-center space-y-3">
    <h1 class="text-3xl font-bold">No board here</h1>
    <p class="text-xl">{{ missing }}</p>
  </div>
  <div v-else-if="!board" class="p-10 text-center text-xl" aria-busy="true">Looking for the table …</div>
  <div v-else class="p-4 sm:p-6 space-y-5 max-w-[110rem] mx-auto">
    <header class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <h1 class="text-4xl font-extrabold">{{ board.title }}</h1>
      <p class="text-2xl text-(--ink-soft)">{{ board.round }}</p>
      <p v-if="left !== null && !board.result" class="figures text-5xl font-bold ml-auto" :class="{ 'text-(--call)': nearEnd }" role="timer" aria-label="Clock">{{ text }}</p>
    </header>
    <p v-if="stale" role="status" class="sheet p-3 text-xl font-semibold text-(--call) flex items-center gap-3">
      <UIcon name="i-lucide-wifi-off" class="size-6" /> Out of date: the connection is lost. Trying again …
    </p>
    <p v-if="board.timeCalled && !board.result" class="text-2xl font-bold text-(--call)">Time: this round is finished, then it is decided.</p>
    <section v-if="board.result" class="sheet p-6" aria-label="Announcement">
      <p class="text-5xl font-extrabold display">{{ board.result.says }}</p>
    </section>
    <div class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_minmax(20rem,34%)]">
      <section class="sheet p-5 min-w-0" aria-label="Table">
        <component :is="view.Board" v-if="view" :rules="board.rules" :view="board.view" :seats="board.seats" :turn="board.turn" />
      </section>
      <BoardStanding :board="board" />
    </div>
    <section v-if="board.newest" class="sheet p-5 space-y-3" aria-label="Last play" aria-live="polite">
      <p class="text-2xl font-semibold">{{ board.newest.says }}</p>
      <div class="flex flex-wrap items-start gap-x-12 gap-y-3">
        <div class="space-y-2 font-bold text-3xl sm:text-4xl">
          <p v-for="(working, i) in board.newest.working" :key="i"><WorkingLine :working="working" tens /></p>
        </div>
        <WorkingDrawing v-if="drawn" :working="drawn" :choice="false" class="large grow basis-80" />
      </div>
    </section>
  </div>
</template>

<style scoped>
.large {
  zoom: 1.7;
  max-width: 26rem;
}
@media (min-width: 100rem) {
  .large {
    zoom: 2.2;
  }
}
</style>
