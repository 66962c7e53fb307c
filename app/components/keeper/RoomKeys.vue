<script setup lang="ts">
import type { SchoolRoom } from '#shared/school'
import { roomNameShape } from '#shared/requests'

/** What the keeper does with one room. */
const { room, busy, done, failed } = defineProps<{
  room: SchoolRoom
  busy: boolean
  rename: (name: string) => Promise<void>
  /** What was done last, and what went wrong. */
  done: string
  failed: string | null
}>()
const emit = defineEmits<{ renew: []; close: [closed: boolean]; bring: [file: File] }>()
const open = defineModel<boolean>('open', { required: true })

const state = reactive({ name: '' })
// The list may be looked at again while a name is typed: only another name takes its place.
watch(
  () => room.name,
  (name) => (state.name = name),
  { immediate: true },
)
const confirm = useConfirm()

async function renew() {
  const says = 'Whoever is in the room now has to give the new one. Matches go on.'
  if (await confirm({ title: `A new passcode for ${room.name}?`, says, yes: 'Make it', no: 'Leave it' })) emit('renew')
}
async function close() {
  const says = 'Nobody can go in, desks and boards stop at once. Nothing is lost: it can be opened again.'
  if (await confirm({ title: `Close ${room.name}?`, says, yes: 'Close it', no: 'Leave it open' })) emit('close', true)
}
</script>

<template>
  <USlideover v-model:open="open" :title="room.name" :description="`Room ${room.id}`">
    <template #body>
      <div class="space-y-6">
        <p v-if="done" role="status" class="font-semibold">{{ done }}</p>
        <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
        <SendForm
          v-slot="{ busy: sending }"
          :shape="roomNameShape"
          :state="state"
          :send="({ name }) => rename(name)"
          class="flex flex-wrap gap-2 items-end"
        >
          <UFormField name="name" label="Name" class="grow">
            <UInput v-model="state.name" maxlength="60" class="w-full" />
          </UFormField>
          <Key type="submit" :disabled="sending || busy">Rename</Key>
        </SendForm>
        <div class="flex flex-wrap gap-2">
          <Key :disabled="busy" @click="renew()"><UIcon name="i-lucide-key-round" class="size-5" /> New passcode …</Key>
          <Key v-if="room.closed" :disabled="busy" @click="emit('close', false)"
            ><UIcon name="i-lucide-door-open" class="size-5" /> Open it again</Key
          >
          <Key v-else :disabled="busy" @click="close()"
            ><UIcon name="i-lucide-door-closed" class="size-5" /> Close it …</Key
          >
        </div>
        <div class="space-y-2">
          <h3 class="font-bold">To another server</h3>
          <p>Everything of the room in one file; brought into a room elsewhere it goes on there.</p>
          <Key :file="`/api/keeper/rooms/${room.id}/archive`"
            ><UIcon name="i-lucide-archive" class="size-5" /> Take the room along</Key
          >
          <FileKey
            label="Archive of a room"
            says="Bring an archive into this room"
            :disabled="busy"
            @file="(file) => emit('bring', file)"
          />
          <p class="text-sm flex gap-2">
            <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 text-(--call)" /> The file holds children’s
            names: hand it to whoever referees there, and to nobody else.
          </p>
        </div>
      </div>
    </template>
  </USlideover>
</template>
