<script setup lang="ts">
import { byMade } from '#shared/order'

const room = useRoomSession()
const { matches, state, next, load, more } = useMatches('all', 60, room)
/** Tables of the session come first and keep the place in which they were set up; others as they were played last. */
const live = computed(() => {
  const playing = matches.value.filter((match) => !match.over)
  const now = room.session.value?.id
  const here = now ? playing.filter(({ session }) => session === now).sort(byMade) : []
  return [...here, ...playing.filter((match) => !here.includes(match))]
})
const over = computed(() => matches.value.filter((match) => match.over))

useHead({ title: 'Matches · Nimble Tally' })
</script>

<template>
  <div class="space-y-6">
    <div class="flex flex-wrap items-center justify-between gap-3">
      <h1 class="text-3xl font-bold">Tables in the room</h1>
      <span class="flex flex-wrap gap-2">
        <Key to="/room"><UIcon name="i-lucide-users-round" class="size-5" /> Seat the room</Key>
        <Key main to="/new"><UIcon name="i-lucide-plus" class="size-5" /> New match</Key>
      </span>
    </div>
    <LazyRoomStrip v-if="room.session.value" :room="room" />
    <p v-if="state === 'failed'" role="alert" class="sheet p-4">
      The server can’t be reached. <Key class="ml-2" @click="load">Try again</Key>
    </p>
    <Awaited v-else-if="state === 'loading'" says="Looking round the room …" shape="cards" />
    <LazyUEmpty
      v-else-if="!matches.length"
      class="sheet"
      icon="i-lucide-dices"
      title="No table yet"
      description="Which game, who plays, what the house rules are, and off you go."
    >
      <template #actions><Key main to="/first">Set up the first match</Key></template>
    </LazyUEmpty>
    <template v-else>
      <ul v-if="live.length" class="grid gap-4 md:grid-cols-2 xl:grid-cols-3" aria-label="Live matches">
        <MatchCard v-for="match in live" :key="match.id" :match="match" @removed="load" />
      </ul>
      <p v-else class="text-(--ink-soft)">Nobody is playing just now.</p>
      <section v-if="over.length" class="space-y-3">
        <h2 class="text-xl font-bold">Finished</h2>
        <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3" aria-label="Finished matches">
          <MatchCard v-for="match in over" :key="match.id" :match="match" @removed="load" />
        </ul>
      </section>
      <Key v-if="next" class="mx-auto !flex" @click="more"
        ><UIcon name="i-lucide-chevron-down" class="size-5" /> Older matches</Key
      >
    </template>
  </div>
</template>
