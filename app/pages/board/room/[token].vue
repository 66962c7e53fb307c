<script setup lang="ts">
import type { RoomBoard, ToldRoomClock } from '#shared/api'

/** The board of the whole room for a projector: every table with its standing, where the referee is needed, and the clock. */
definePageMeta({ layout: 'board' })

const route = useRoute()
const address = () => `/api/room/boards/${String(route.params.token)}` as const
const { board, clock, missing, stale } = useBoard<RoomBoard>(
  () => callApi(address()),
  () => `${address()}/live`,
)
const { text, nearEnd, left, running } = useClock(
  () => clock.value,
  () => board.value?.clock.minutes ?? null,
)
const voice = useVoice()
const called = computed(() => board.value?.clock.called ?? false)
watch(
  () => [board.value?.clock as ToldRoomClock | undefined, board.value?.ended] as const,
  ([now], [before]) => {
    if (now?.called && before && !before.called) voice.bell()
  },
)
/** A browser sounds only once it was touched. */
const silent = ref(true)
function listen() {
  voice.wake()
  silent.value = false
}
const needed = computed(() => board.value?.tables.filter(({ needs }) => needs) ?? [])
/** As many columns as make the fields nearest to a card's shape on this screen, with few left empty. */
const { width, height } = useWindowSize()
const columns = computed(() => {
  const count = Math.max(1, board.value?.tables.length ?? 1)
  const fits = Array.from({ length: count }, (_, i) => i + 1).map((across) => {
    const shape = width.value / across / ((height.value * 0.86) / Math.ceil(count / across))
    const empty = across * Math.ceil(count / across) - count
    return { across, off: Math.abs(Math.log(shape / 1.5)) + empty * 0.2 }
  })
  return fits.sort((a, b) => a.off - b.off)[0]!.across
})
useHead({ title: 'The room · Nimble Tally' })
</script>

<template>
  <BoardPage :missing="missing" :ready="board !== null" looking="Looking round the room …">
    <div v-if="board" class="screen">
      <header>
        <h1>The room</h1>
        <p v-if="stale" role="status" class="warn">
          <UIcon name="i-lucide-wifi-off" class="size-6" /> Out of date: the connection is lost. Trying again …
        </p>
        <p v-else-if="board.ended" class="warn" role="status">The session has ended. Well played!</p>
        <p v-else-if="called" class="warn" role="status">Time: each table finishes its round.</p>
        <p v-else-if="needed.length" class="warn" role="status">
          <UIcon name="i-lucide-hand" class="size-6" /> The referee is needed at
          {{ needed.map(({ name }) => name).join(', ') }}
        </p>
        <p
          v-if="left !== null && !board.ended"
          class="figures clock"
          :class="{ near: nearEnd || called, still: !running && !called }"
          role="timer"
          aria-label="Clock of the room"
        >
          <UIcon :name="called ? 'i-lucide-bell-ring' : running ? 'i-lucide-timer' : 'i-lucide-pause'" class="sign" />
          {{ text }}
        </p>
      </header>
      <p v-if="!board.tables.length" class="text-2xl p-8">No table plays yet.</p>
      <ul
        v-else
        class="tables"
        :style="{ '--across': columns, '--down': Math.ceil(board.tables.length / columns) }"
        aria-label="Tables"
      >
        <li
          v-for="table in board.tables"
          :key="table.id"
          class="sheet field"
          :class="{ needs: table.needs, over: table.over }"
        >
          <FitBox :least="0.35" :most="2.4">
            <div class="inner">
              <p class="head">
                <b class="display name">{{ table.name }}</b>
                <span class="game">{{ table.title === table.name ? '' : table.title }}</span>
                <span v-if="table.needs" class="flag"><UIcon name="i-lucide-hand" class="size-6" /> referee</span>
                <span v-else-if="table.over" class="done">finished</span>
                <span v-else-if="table.timeCalled" class="done">last round</span>
                <span v-else class="done">{{ table.round }}</span>
              </p>
              <ol>
                <li v-for="(seat, i) in table.seats" :key="i" class="seat" :class="{ turn: seat.turn, won: seat.won }">
                  <Pennant :number="seat.pennant" size="1.5rem" />
                  <span class="who">{{ seat.name }}</span>
                  <UIcon v-if="seat.won" name="i-lucide-award" class="size-6 text-(--stands)" aria-label="won" />
                  <b class="figures score">{{ minus(seat.score) }}</b>
                </li>
              </ol>
            </div>
          </FitBox>
        </li>
      </ul>
      <button v-if="silent && !board.ended" class="switch" @click="listen()">
        <UIcon name="i-lucide-bell" class="size-4" /> Touch once to hear the bell here
      </button>
    </div>
  </BoardPage>
</template>

<style scoped>
.screen {
  height: 100dvh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: 0.6rem;
  padding: 0.7rem 0.9rem 2.2rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.2rem 1.5rem;
}
h1 {
  font-size: 2rem;
  font-weight: 800;
  line-height: 1.1;
}
.warn {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  font-size: 1.35rem;
  font-weight: 700;
  color: var(--call);
}
.clock {
  display: inline-flex;
  align-items: center;
  gap: 0.6rem;
  margin-left: auto;
  font-size: 3.2rem;
  font-weight: 700;
  line-height: 1;
}
.sign {
  width: 2.2rem;
  height: 2.2rem;
}
.near {
  color: var(--call);
}
.still {
  color: var(--ink-soft);
}
.tables {
  display: grid;
  gap: 0.6rem;
  grid-template-columns: repeat(var(--across), minmax(0, 1fr));
  grid-template-rows: repeat(var(--down), minmax(0, 1fr));
  min-height: 0;
}
.field {
  padding: 0.5rem 0.8rem;
  min-height: 0;
  overflow: hidden;
}
.inner {
  width: 19rem;
}
.needs {
  border: 4px solid var(--call);
  background: var(--call-soft);
}
.over {
  border-style: dashed;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 0.7rem;
  padding-bottom: 0.25rem;
}
.name {
  font-size: 1.6rem;
}
.game,
.done {
  color: var(--ink-soft);
}
.done,
.flag {
  margin-left: auto;
}
.flag {
  display: inline-flex;
  gap: 0.3rem;
  padding: 0 0.5rem;
  font-weight: 700;
  color: var(--call);
}
.seat {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  padding: 0.1rem 0.5rem;
  font-size: 1.35rem;
  line-height: 1.35;
  border-radius: 0.2rem 0.9rem 0.9rem 0.2rem;
}
.turn {
  background: var(--accent-soft);
  box-shadow: inset 0.35rem 0 0 var(--accent);
}
.won .who {
  font-weight: 700;
}
.who {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.score {
  font-size: 1.7rem;
}
.switch {
  position: absolute;
  right: 0.9rem;
  bottom: 0.2rem;
  min-height: 44px;
  padding: 0 0.6rem;
  font-size: max(0.7rem, 12px);
  color: var(--ink-soft);
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  cursor: pointer;
}
</style>
