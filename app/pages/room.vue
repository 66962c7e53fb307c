<script setup lang="ts">
import { count } from '#core/basics/words'
import { matchName } from '#core/games/titles'
import { NEW_TABLE, WAITING } from '#core/room/tables'
import { GROUPINGS, type Grouping } from '#core/room/grouping'
import { ofClass } from '#core/room/classes'
import type { RoomStream } from '#shared/streams'
import { callApi } from '~/utils/api'

/** Seating the room: today's children, at tables, each with its game; all of it started with one touch. */
const room = useRoom()
const { draft, people, waiting, ready, busy, failed, whyNot, load, toggle, comeIn, start } = room
const now = useRoomSession()
useLive<RoomStream>(() => '/api/live', { room: now.hear }).again()
const { picked } = room

const LABELS: Readonly<Record<Grouping, string>> = {
  chance: 'By chance',
  fresh: 'Not together lately',
  like: 'Alike',
  mixed: 'Mixed',
}
const SIZES = [2, 3, 4].map((value) => ({ value, label: String(value) }))
const SOURCES = [
  { value: 'table', label: 'Real dice and cards' },
  { value: 'dealt', label: 'The app deals' },
] as const
const BEGINS = [
  { value: 'lot', label: 'By lot' },
  { value: 'turn', label: 'Next after last time' },
  { value: 'first', label: 'Who stands first: the youngest, say' },
] as const
const MANNERS = [
  { value: 'refereed', label: 'A grown-up' },
  { value: 'alone', label: 'On their own' },
] as const
const manner = useWhoReferees(
  () => draft.value.veiled,
  (now) => (draft.value.veiled = now),
)
/** The class that is shown, as this device remembers. */
const of = useLocalStorage('room-class', '')
const shown = computed(() => ofClass(people.value, of.value))
async function addMany(ids: readonly string[]) {
  await load()
  comeIn(ids)
}
async function add(name: string) {
  const { id } = await callApi('/api/people', 'POST', { name })
  await load()
  comeIn([id])
}
const same = useSameTables(room, now)
/** The tables of a session again, where another page asked for that. */
const { again: asked } = useRoute().query
watch(ready, (is) => is && typeof asked === 'string' && void same.again(asked), { once: true })
const told = useTold()
async function group(grouping: Grouping) {
  const had = draft.value.tables.length > 0
  const undo = await room.group(grouping)
  if (had) told(`${LABELS[grouping]}: the tables are made anew.`, undo)
}
function sendHome() {
  const person = people.value.find(({ id }) => id === picked.value)
  picked.value = null
  if (person) toggle(person)
}
useHead({ title: 'Seat the room · Nimble Tally' })
</script>

<template>
  <div class="space-y-5">
    <h1 class="text-3xl font-bold">Seat the room</h1>
    <RoomStrip :room="now" />
    <p v-if="failed || same.failed.value" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">
      {{ failed ?? same.failed.value }} <Key v-if="!ready" @click="load()">Try again</Key>
    </p>
    <Awaited v-if="!ready && !failed" says="Looking who is known …" shape="cards" />
    <template v-if="ready">
      <section class="sheet p-4 space-y-3" aria-labelledby="here">
        <h2 id="here" class="text-xl font-bold flex flex-wrap items-center gap-3">
          Who is here?
          <span class="figures text-base font-normal" role="status"
            >{{ draft.here.length }} of {{ people.length }}</span
          >
        </h2>
        <ClassFilter v-model="of" :people="people" />
        <div class="flex flex-wrap gap-2">
          <PersonKeys :people="shown" :chosen="(person) => draft.here.includes(person.id)" @toggle="toggle" />
          <Key v-if="shown.some(({ id }) => !draft.here.includes(id))" @click="comeIn(shown.map(({ id }) => id))"
            ><UIcon name="i-lucide-users" class="size-5" /> {{ of ? `All of ${of}` : 'Everybody' }}</Key
          >
        </div>
        <NameForm :send="add"><ManyNames :people="people" @kept="addMany" /></NameForm>
        <p class="text-sm">First names or nicknames only: nothing more of a child is kept than what was played.</p>
      </section>
      <section class="sheet p-4 flex flex-wrap gap-x-6 gap-y-3" aria-label="Tables are made">
        <ChoiceRow v-model="draft.wished" label="Children at a table" :choices="SIZES" />
        <div role="group" aria-label="Make tables" class="space-y-1">
          <p class="font-semibold" aria-hidden="true">Make tables</p>
          <div class="flex flex-wrap gap-1.5">
            <Key
              v-for="each in GROUPINGS"
              :key="each"
              :why="draft.here.length < 2 && 'Two children at least are needed.'"
              @click="group(each)"
              >{{ LABELS[each] }}</Key
            >
            <Key v-if="same.over.value.length" @click="same.again()"
              ><UIcon name="i-lucide-repeat" class="size-5" /> Next game for
              {{ count(same.over.value.length, 'table that is over', 'tables that are over') }}</Key
            >
            <Key v-else-if="same.last.value" @click="same.again(same.last.value.id)"
              ><UIcon name="i-lucide-repeat" class="size-5" /> The same tables as
              {{ shortDay(same.last.value.createdAt) }}</Key
            >
          </div>
          <p v-if="draft.here.length < 2" class="text-(--ink-soft)">Two children at least are needed.</p>
          <p class="text-sm">
            Alike, mixed: in the facts that are shaky for them; where none are, in how many answers were right lately.
          </p>
        </div>
        <ChoiceRow v-model="draft.source" label="They play with" :choices="SOURCES" />
        <ChoiceRow v-model="manner" label="Who referees" :choices="MANNERS" />
        <ChoiceRow v-model="draft.begins" label="Who begins" :choices="BEGINS" />
      </section>
      <section v-if="draft.here.length" aria-label="Tables" class="space-y-3">
        <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
          <RoomTableCard v-for="table in draft.tables" :key="table.id" :table="table" :room="room" />
          <li class="new sheet p-3 space-y-2 text-(--ink-soft)" :data-place="NEW_TABLE">
            <p>A table more: somebody dragged here, or touched and then this</p>
            <ChipList :people="[]" :place="NEW_TABLE" :room="room" label="A table more" />
          </li>
        </ul>
        <div
          v-if="waiting.length || picked"
          class="sheet p-3 space-y-2"
          :data-place="WAITING"
          aria-label="Without a table"
          role="group"
        >
          <p class="font-semibold">Without a table yet</p>
          <ChipList :people="waiting.map(({ id }) => id)" :place="WAITING" :room="room" label="They wait" />
          <Key v-if="picked" @click="sendHome()"
            ><UIcon name="i-lucide-user-x" class="size-5" /> {{ room.personOf(picked)?.name }} is not here today</Key
          >
        </div>
        <HandBar :room="room" />
        <Key main class="text-xl! min-h-14" :disabled="busy" :why="whyNot" @click="start()"
          ><UIcon name="i-lucide-play" class="size-6" /> Start
          {{ draft.tables.length === 1 ? 'the table' : `all ${draft.tables.length} tables` }}</Key
        >
        <p v-if="same.warning.value" id="still-playing" class="font-semibold text-(--call)">
          <UIcon name="i-lucide-triangle-alert" class="size-5 align-[-0.2em]" /> {{ same.warning.value }}
        </p>
        <p v-if="whyNot" class="font-semibold text-(--ink-soft)">{{ whyNot }}</p>
      </section>
      <section v-if="same.running.value.length" class="sheet p-4 space-y-2" aria-labelledby="running">
        <h2 id="running" class="text-xl font-bold">Somebody came late, or is gone?</h2>
        <p>Touch the table: what was reached there is told, and it begins anew with who is there.</p>
        <div class="flex flex-wrap gap-2">
          <Key
            v-for="match in same.running.value"
            :key="match.id"
            :why="draft.tables.some(({ from }) => from === match.id) && 'It stands above already.'"
            @click="same.change(match)"
            >{{ matchName(match) }}: {{ match.seats.map(({ name }) => name).join(', ')
            }}{{ draft.tables.some(({ from }) => from === match.id) ? ' (stands above)' : '' }}</Key
          >
        </div>
      </section>
      <PastSessions />
    </template>
  </div>
</template>

<style scoped>
.new {
  min-height: 7rem;
  border-style: dashed;
  box-shadow: none;
  background: none;
}
</style>
