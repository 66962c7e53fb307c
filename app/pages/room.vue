<script setup lang="ts">
import { NEW_TABLE, WAITING } from '#core/room/tables'
import { GROUPINGS, type Grouping } from '#core/room/grouping'
import { callApi } from '~/utils/api'

/** Seating the room: today's children, at tables, each with its game; all of it started with one touch. */
const room = useRoom()
const { draft, people, waiting, ready, busy, failed, canStart, load, toggle, everybody, group, move, start } = room
const now = useRoomSession()
useLive(() => '/api/live', { room: now.hear }, undefined).again()
const { dragged, over, grab } = useDragBetween((person, place) => move(person, place))

const LABELS: Readonly<Record<Grouping, string>> = {
  chance: 'By chance',
  fresh: 'Not together lately',
  like: 'Alike',
  mixed: 'Mixed',
}
const SIZES = [2, 3, 4]
const name = ref('')
const trouble = ref<string | null>(null)
async function add() {
  const given = name.value.trim()
  if (!given) return
  trouble.value = null
  try {
    const { id } = await callApi<{ id: string }>('/api/people', 'POST', { name: given })
    name.value = ''
    await load()
    draft.value.here = [...draft.value.here, id]
  } catch (error) {
    trouble.value = saysOf(error)
  }
}
useHead({ title: 'Seat the room · Nimble Tally' })
</script>

<template>
  <div class="space-y-5">
    <h1 class="text-3xl font-bold">Seat the room</h1>
    <RoomStrip :room="now" />
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">
      {{ failed }} <Key v-if="!ready" @click="load()">Try again</Key>
    </p>
    <p v-if="!ready && !failed" aria-busy="true">Looking who is known …</p>
    <template v-if="ready">
      <section class="sheet p-4 space-y-3" aria-labelledby="here">
        <h2 id="here" class="text-xl font-bold flex flex-wrap items-center gap-3">
          Who is here?
          <span class="figures text-base font-normal" role="status"
            >{{ draft.here.length }} of {{ people.length }}</span
          >
        </h2>
        <div class="flex flex-wrap gap-2">
          <PersonKeys :people="people" :chosen="(person) => draft.here.includes(person.id)" @toggle="toggle" />
          <Key v-if="draft.here.length < people.length" @click="everybody()"
            ><UIcon name="i-lucide-users" class="size-5" /> Everybody</Key
          >
        </div>
        <form class="flex flex-wrap gap-2" @submit.prevent="add">
          <UInput
            v-model="name"
            size="xl"
            maxlength="40"
            placeholder="First name or nickname"
            aria-label="New name"
            class="w-60"
          />
          <Key type="submit" :disabled="!name.trim()"><UIcon name="i-lucide-user-plus" class="size-5" /> Add</Key>
        </form>
        <p v-if="trouble" role="alert" class="text-(--refused) font-semibold">{{ trouble }}</p>
      </section>
      <section class="sheet p-4 flex flex-wrap gap-x-6 gap-y-3" aria-label="Tables are made">
        <div role="group" aria-label="Children at a table" class="space-y-1">
          <p class="font-semibold" aria-hidden="true">At a table</p>
          <div class="flex gap-1.5">
            <Key v-for="size in SIZES" :key="size" :aria-pressed="draft.wished === size" @click="draft.wished = size">{{
              size
            }}</Key>
          </div>
        </div>
        <div role="group" aria-label="Make tables" class="space-y-1">
          <p class="font-semibold" aria-hidden="true">Make tables</p>
          <div class="flex flex-wrap gap-1.5">
            <Key v-for="each in GROUPINGS" :key="each" :disabled="draft.here.length < 2" @click="group(each)">{{
              LABELS[each]
            }}</Key>
          </div>
        </div>
        <div role="group" aria-label="What they play with" class="space-y-1">
          <p class="font-semibold" aria-hidden="true">They play with</p>
          <div class="flex flex-wrap gap-1.5">
            <Key :aria-pressed="draft.source === 'table'" @click="draft.source = 'table'">Real dice and cards</Key>
            <Key :aria-pressed="draft.source === 'dealt'" @click="draft.source = 'dealt'">The app deals</Key>
          </div>
        </div>
      </section>
      <section v-if="draft.here.length" aria-label="Tables" class="space-y-3">
        <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
          <RoomTableCard
            v-for="table in draft.tables"
            :key="table.id"
            :table="table"
            :room="room"
            :over="over === table.id"
            @grab="grab"
          />
          <li
            class="new sheet p-3 grid place-items-center text-(--ink-soft)"
            :class="{ over: over === NEW_TABLE }"
            :data-place="NEW_TABLE"
          >
            A table more: drag somebody here
          </li>
        </ul>
        <div
          v-if="waiting.length"
          class="sheet p-3 space-y-2"
          :data-place="WAITING"
          aria-label="Without a table"
          role="group"
        >
          <p class="font-semibold">Without a table yet</p>
          <ul class="flex flex-wrap gap-2">
            <li v-for="person in waiting" :key="person.id">
              <PersonChip :id="person.id" :room="room" @grab="grab(person.id, $event)" />
            </li>
          </ul>
        </div>
        <Key main class="text-xl! min-h-14" :disabled="!canStart || busy" @click="start()"
          ><UIcon name="i-lucide-play" class="size-6" /> Start
          {{ draft.tables.length === 1 ? 'the table' : `all ${draft.tables.length} tables` }}</Key
        >
      </section>
      <PastSessions />
      <span
        v-if="dragged"
        class="key dragged"
        aria-hidden="true"
        :style="{ left: `${dragged.x}px`, top: `${dragged.y}px` }"
        >{{ room.personOf(dragged.what)?.name }}</span
      >
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
.over {
  outline: 3px solid var(--accent);
}
.dragged {
  position: fixed;
  z-index: 50;
  pointer-events: none;
  transform: translate(-50%, -130%);
}
</style>
