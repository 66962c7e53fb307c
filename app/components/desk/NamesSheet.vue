<script setup lang="ts">
import { callApi } from '~/utils/api'
import type { MatchStore } from '~/stores/match'

/** Names put right during a match: what the table is called, and who sits where. */
const { store } = defineProps<{ store: MatchStore }>()
const open = defineModel<boolean>('open', { required: true })

const table = ref('')
const names = ref<string[]>([])
const busy = ref(false)
const failed = ref<string | null>(null)

watch(
  open,
  (isOpen) => {
    if (!isOpen || !store.match) return
    table.value = store.match.name
    names.value = store.match.seats.map(({ name }) => name)
    failed.value = null
  },
  { immediate: true },
)

async function save() {
  const match = store.match
  if (!match) return
  busy.value = true
  try {
    const seats = names.value.flatMap((name, i) =>
      name.trim() && name.trim() !== match.seats[i]!.name ? [{ seat: i + 1, name: name.trim() }] : [],
    )
    const name = table.value.trim()
    if (seats.length || name !== match.name)
      await callApi(`/api/matches/${match.id}`, 'PATCH', { name, ...(seats.length ? { seats } : {}) })
    open.value = false
  } catch (error) {
    failed.value = saysOf(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <DeskSheet v-model:open="open" title="Names" description="First names or nicknames only.">
    <form class="space-y-3" @submit.prevent="save">
      <label class="block font-semibold"
        >This table<UInput
          v-model="table"
          size="xl"
          class="w-full"
          maxlength="40"
          placeholder="Lantern"
          aria-label="Name of the table"
      /></label>
      <label v-for="(_, i) in names" :key="i" class="flex items-center gap-2">
        <Pennant :number="store.match!.seats[i]!.pennant" size="1.4rem" />
        <UInput v-model="names[i]" size="xl" class="grow" maxlength="40" :aria-label="`Name of player ${i + 1}`" />
      </label>
      <p class="min-h-6 font-semibold text-(--refused)" role="alert">{{ failed }}</p>
      <Key type="submit" main class="w-full" :disabled="busy"
        ><UIcon name="i-lucide-check" class="size-5" /> Keep the names</Key
      >
    </form>
  </DeskSheet>
</template>
