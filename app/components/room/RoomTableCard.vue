<script setup lang="ts">
import { aboutOf, ABOUTS } from '#core/games/abouts'
import type { RoomTable } from '#core/room/tables'

/** One table of today: its name, who sits there, what they play. */
const { table, room } = defineProps<{ table: RoomTable; room: ReturnType<typeof useRoom>; over: boolean }>()
const emit = defineEmits<{ grab: [person: string, event: PointerEvent] }>()

const problem = computed(() => room.problemOf(table))
const presets = computed(() => room.games.value[table.game]?.presets ?? [])
/** Games for as many as sit here: those that none of them has played come first. */
const shelves = computed(() => {
  const fit = ABOUTS.filter(
    ({ about }) => about.seats.low <= table.people.length && about.seats.high >= table.people.length,
  )
  return [
    { label: 'Not yet played by these', games: fit.filter(({ id }) => room.played(table, id) === 0) },
    { label: 'Played before', games: fit.filter(({ id }) => room.played(table, id) > 0) },
  ].filter(({ games }) => games.length)
})
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <li class="sheet p-3 space-y-3" :class="{ over }" :data-place="table.id" :aria-label="table.name">
    <UInput
      :model-value="table.name"
      size="xl"
      maxlength="40"
      :aria-label="`Name of the table ${table.name}`"
      class="w-full font-bold"
      @update:model-value="room.change(table.id, { name: String($event) })"
    />
    <ul class="flex flex-wrap gap-2" :aria-label="`At ${table.name}`">
      <li v-for="id in table.people" :key="id">
        <PersonChip :id="id" :room="room" @grab="emit('grab', id, $event)" />
      </li>
    </ul>
    <div class="space-y-2">
      <select
        class="key w-full"
        :aria-label="`Game at ${table.name}`"
        :value="table.game"
        @change="room.play(table.id, value($event))"
      >
        <option value="" disabled>Which game?</option>
        <optgroup v-for="shelf in shelves" :key="shelf.label" :label="shelf.label">
          <option v-for="{ id, about } in shelf.games" :key="id" :value="id">{{ about.title }}</option>
        </optgroup>
        <option
          v-if="table.game && !shelves.some(({ games }) => games.some(({ id }) => id === table.game))"
          :value="table.game"
        >
          {{ aboutOf(table.game)?.title }}
        </option>
      </select>
      <select
        v-if="presets.length"
        class="key w-full"
        :aria-label="`House rules at ${table.name}`"
        :value="table.preset"
        @change="room.change(table.id, { preset: value($event) })"
      >
        <option v-for="preset in presets" :key="preset.id" :value="preset.id">{{ preset.label }}</option>
      </select>
      <Key class="w-full" @click="room.practise(table)"
        ><UIcon name="i-lucide-target" class="size-5" /> Practise what is shaky</Key
      >
      <p v-if="room.unsuggested.value[table.id]" role="status" class="text-sm">
        {{ room.unsuggested.value[table.id] }}
      </p>
      <p v-if="problem" class="font-semibold text-(--refused)">{{ problem }}</p>
      <template v-else>
        <Key class="w-full" @click="room.forAll(table)"
          ><UIcon name="i-lucide-copy" class="size-5" /> The same for all</Key
        >
        <p v-if="room.isDealt(table) && room.draft.value.source === 'table'" class="text-sm">
          The app deals here: real cards would have to be entered one by one first.
        </p>
      </template>
    </div>
  </li>
</template>

<style scoped>
.over {
  outline: 3px solid var(--accent);
}
</style>
