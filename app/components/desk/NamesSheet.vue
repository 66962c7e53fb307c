<script setup lang="ts">
import { changedMatchShape, type ChangedMatch } from '#shared/requests'
import { callApi } from '~/utils/api'
import type { MatchStore } from '~/stores/match'

/** Names put right during a match: what the table is called, and who sits where. */
const { store } = defineProps<{ store: MatchStore }>()
const open = defineModel<boolean>('open', { required: true })

const state = ref<{ name: string; seats: { seat: number; name: string }[] }>({ name: '', seats: [] })
watch(
  open,
  (isOpen) => {
    if (!isOpen || !store.match) return
    const { name, seats } = store.match
    state.value = { name, seats: seats.map((seat, i) => ({ seat: i + 1, name: seat.name })) }
  },
  { immediate: true },
)

/** Only what was changed is sent, so that what somebody else changed meanwhile stays. */
async function save({ name, seats = [] }: ChangedMatch) {
  const match = store.match
  if (!match) return
  const changed = seats.filter((each) => each.name !== match.seats[each.seat - 1]?.name)
  if (changed.length || name !== match.name)
    await callApi(`/api/matches/${match.id}`, 'PATCH', { name, ...(changed.length ? { seats: changed } : {}) })
  open.value = false
}
</script>

<template>
  <DeskSheet v-model:open="open" title="Names" description="First names or nicknames only.">
    <SendForm v-slot="{ busy }" :shape="changedMatchShape" :state="state" :send="save" class="space-y-3">
      <UFormField name="name" label="This table">
        <UInput
          v-model="state.name"
          size="xl"
          class="w-full"
          maxlength="40"
          placeholder="Lantern"
          aria-label="Name of the table"
        />
      </UFormField>
      <div v-for="(seat, i) in state.seats" :key="seat.seat" class="flex items-center gap-2">
        <Pennant :number="store.match!.seats[i]!.pennant" size="1.4rem" />
        <UFormField :name="`seats.${i}.name`" class="grow">
          <UInput
            v-model="seat.name"
            size="xl"
            class="w-full"
            maxlength="40"
            :aria-label="`Name of player ${seat.seat}`"
          />
        </UFormField>
      </div>
      <Key type="submit" main class="w-full" :disabled="busy"
        ><UIcon name="i-lucide-check" class="size-5" /> Keep the names</Key
      >
    </SendForm>
  </DeskSheet>
</template>
