<script setup lang="ts">
import type { RoomsListed } from '#shared/school'
import { roomNameShape } from '#shared/requests'

/** The rooms of a school: how much each holds and when it was used, never who plays there. */
const emit = defineEmits<{ leave: [] }>()
const school = useSchool()
const { listed, card, text, done, busy, failed } = school
onMounted(() => school.doing(school.load))

type Room = RoomsListed['rooms'][number]
/** When somebody came in or recorded last: whoever is in stays so for weeks. */
const lastOf = ({ usedAt, holds }: Room) => [usedAt ?? '', holds.playedAt ?? ''].sort().at(-1)!
const COLUMNS = [
  { id: 'name', label: 'Room', value: ({ name }: Room) => name.toLowerCase(), words: true },
  { id: 'id', label: 'Code', value: ({ id }: Room) => id, words: true },
  { id: 'people', label: 'People', value: ({ holds }: Room) => holds.people },
  { id: 'matches', label: 'Matches', value: ({ holds }: Room) => holds.matches },
  { id: 'used', label: 'Used last', value: lastOf, words: true },
]
const state = reactive({ name: '' })
async function make(asked: { name: string }) {
  await school.make(asked)
  state.name = ''
}
/** What was done before is no news beside another room. */
function openRoom(id: string) {
  done.value = ''
  chosen.value = id
}
/** The room that is open at the side. */
const chosen = ref<string | null>(null)
const room = computed(() => listed.value?.rooms.find(({ id }) => id === chosen.value) ?? null)
const open = computed({ get: () => room.value !== null, set: () => (chosen.value = null) })
async function renew() {
  const of = room.value
  chosen.value = null
  if (of) await school.renew(of)
}
</script>

<template>
  <div class="max-w-5xl mx-auto space-y-5 px-4 py-5">
    <header class="flex flex-wrap items-center gap-3 print:hidden">
      <img src="/mark.svg" alt="" class="size-9" />
      <h1 class="text-3xl font-bold mr-auto">Rooms</h1>
      <UInput
        v-model="text"
        size="xl"
        icon="i-lucide-search"
        placeholder="Find a room"
        aria-label="Find a room"
        class="order-last sm:order-none w-full sm:w-56"
      />
      <ColorModeKey />
      <Key @click="emit('leave')"><UIcon name="i-lucide-log-out" class="size-5" /> Leave</Key>
    </header>
    <p v-if="done" role="status" class="font-semibold print:hidden">{{ done }}</p>
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold print:hidden">{{ failed }}</p>
    <RoomCard v-if="card" :made="card" @close="card = null" />
    <div class="space-y-5 print:hidden">
      <section class="sheet p-4 space-y-2" aria-label="A new room">
        <SendForm
          v-slot="{ busy: sending }"
          :shape="roomNameShape"
          :state="state"
          :send="make"
          class="flex flex-wrap gap-2"
        >
          <UFormField name="name">
            <UInput
              v-model="state.name"
              maxlength="60"
              placeholder="Library corner"
              aria-label="Name of a new room"
              class="w-72"
            />
          </UFormField>
          <Key type="submit" main :disabled="sending"><UIcon name="i-lucide-plus" class="size-5" /> Make a room</Key>
        </SendForm>
        <p class="text-sm">
          Each room has its own people, matches, boards and house rules; no other room sees them, and neither do you.
        </p>
      </section>
      <Awaited v-if="!listed && !failed" says="Looking it up …" shape="cards" />
      <ListTable v-else-if="listed?.rooms.length" :rows="listed.rooms" :columns="COLUMNS" label="Rooms" class="sheet">
        <template #name="{ row }">
          <UButton variant="words" class="px-0 min-h-11 text-lg font-bold" @click="openRoom(row.id)">{{
            row.name || row.id
          }}</UButton>
          <span v-if="row.closed" class="ml-2 text-(--call) font-semibold">closed</span>
        </template>
        <template #id="{ row }"
          ><span class="figures">{{ row.id }}</span></template
        >
        <template #people="{ row }">{{ row.holds.people }}</template>
        <template #matches="{ row }">{{ row.holds.matches }}</template>
        <template #used="{ row }">{{ lastOf(row) ? dayAndTime(lastOf(row)) : 'never' }}</template>
      </ListTable>
      <UEmpty
        v-else-if="listed"
        icon="i-lucide-door-open"
        :title="text ? 'No room of that name' : 'No rooms yet'"
        :description="text ? undefined : 'Make the first one, and hand its card to whoever referees there.'"
      />
      <p v-if="listed && listed.of > listed.rooms.length">
        {{ listed.rooms.length }} of {{ listed.of }} rooms; find the others by name or code.
      </p>
    </div>
    <RoomKeys
      v-if="room"
      v-model:open="open"
      :room="room"
      :busy="busy"
      :done="done"
      :failed="failed"
      :rename="(name) => school.rename(room!, name)"
      @renew="renew()"
      @close="(closed) => school.close(room!, closed)"
      @bring="(file) => school.bring(room!, file)"
    />
  </div>
</template>
