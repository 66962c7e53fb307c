<script setup lang="ts">
import { ABOUTS } from '#core/games/abouts'
import { sayTime, timeOf } from '#core/catalogue/time'
import { sayCell } from '#core/wording/mastery'
import { OWN_RULES } from '#core/room/again'
import type { RoomTable } from '#core/room/tables'

/** One table of today: its name, who sits there, what they play. */
const { table, room } = defineProps<{ table: RoomTable; room: ReturnType<typeof useRoom> }>()

const paces = usePaces()
/** How long it takes so many, at the pace of this room. */
const time = computed(() => {
  const about = ABOUTS.find(({ id }) => id === table.game)
  return about ? sayTime(timeOf(about, table.people.length, paces.value[about.id])) : null
})
const NAMED = 'named-'
const OWN_GAME = 'own-game'
const shared = computed(() => room.sharedAt(table))
const problem = computed(() => room.problemOf(table))
const presets = computed(() => room.games.value[table.game]?.presets ?? [])
const named = computed(() => room.named.value[table.game] ?? [])
/** The schools of the game, what is kept under a name, and what was played before. */
const schools = computed(() =>
  [
    { label: 'Schools', items: presets.value.map(({ id, label }) => ({ value: id, label })) },
    { label: 'Under a name', items: named.value.map(({ id, name }) => ({ value: `${NAMED}${id}`, label: name })) },
    { label: 'Before', items: table.preset === OWN_RULES ? [{ value: OWN_RULES, label: 'As it was played' }] : [] },
  ].filter(({ items }) => items.length),
)
function agree(preset: string) {
  const kept = named.value.find(({ id }) => preset === `${NAMED}${id}`)
  room.change(table.id, { preset, rules: kept?.houseRules ?? (preset === OWN_RULES ? table.rules : undefined) })
}
/** Games that this room has made up: each stands under its name. */
const own = computed(() => room.named.value[OWN_GAME] ?? [])
onMounted(() => void room.loadGame(OWN_GAME))
const game = computed(() =>
  table.game === OWN_GAME && own.value.some(({ id }) => table.preset === `${NAMED}${id}`) ? table.preset : table.game,
)
async function play(chosen: string) {
  const made = own.value.find(({ id }) => chosen === `${NAMED}${id}`)
  if (!made) return room.play(table.id, chosen)
  await room.play(table.id, OWN_GAME)
  room.change(table.id, { preset: chosen, rules: made.houseRules })
}
/** A clock of the table's own. */
const CLOCKS = [5, 10, 15, 20, 30].map((n) => ({ value: String(n), label: `Clock of ${n} minutes` }))
const clocks = [{ items: [{ value: '', label: 'No clock of its own' }, ...CLOCKS] }]
const clock = computed({
  get: () => String(table.minutes ?? ''),
  set: (minutes: string) => room.change(table.id, { minutes: minutes ? Number(minutes) : undefined }),
})
/** Games for as many as sit here: those that none of them has played come first; one that no longer fits is named. */
const shelves = computed(() => {
  const fits = ABOUTS.filter(
    ({ about }) => about.seats.low <= table.people.length && about.seats.high >= table.people.length,
  )
  const unfit = ABOUTS.filter((each) => each.id === table.game && !fits.includes(each))
  return [
    { label: 'Our own', items: own.value.map(({ id, name }) => ({ value: `${NAMED}${id}`, label: name })) },
    { label: 'Not yet played by these', items: gameChoices(fits.filter(({ id }) => room.played(table, id) === 0)) },
    { label: 'Played before', items: gameChoices(fits.filter(({ id }) => room.played(table, id) > 0)) },
    { label: 'Not for so many', items: gameChoices(unfit) },
  ].filter(({ items }) => items.length)
})
</script>

<template>
  <li class="sheet p-3 space-y-3" :data-place="table.id" :aria-label="table.name">
    <UInput
      :model-value="table.name"
      size="xl"
      maxlength="40"
      :aria-label="`Name of the table ${table.name}`"
      class="w-full font-bold"
      @update:model-value="room.change(table.id, { name: String($event) })"
    />
    <ChipList :people="table.people" :place="table.id" :room="room" :label="`At ${table.name}`" />
    <p v-if="shared.length" class="text-sm">
      Shaky for some together: {{ shared.slice(0, 4).map(sayCell).join(', ') }}
    </p>
    <div class="space-y-2">
      <Choose
        class="w-full"
        :model-value="game"
        :choices="shelves"
        :label="`Game at ${table.name}`"
        placeholder="Which game?"
        @update:model-value="play"
      />
      <FindGame v-if="!table.game" :name="table.name" @pick="play" />
      <p v-if="time && !problem" class="text-sm text-(--ink-soft)">
        <UIcon name="i-lucide-hourglass" class="size-4 align-[-0.15em]" /> {{ time }}
      </p>
      <Choose
        v-if="presets.length"
        class="w-full"
        :model-value="table.preset"
        :choices="schools"
        :label="`House rules at ${table.name}`"
        @update:model-value="agree"
      />
      <Choose v-if="table.game" v-model="clock" class="w-full" :choices="clocks" :label="`Clock at ${table.name}`" />
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
