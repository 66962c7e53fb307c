<script setup lang="ts">
import type { Day, RoomSession } from '#shared/api'
import { callApi } from '~/utils/api'

/** The end of a session in one page. */
const route = useRoute()
const id = computed(() => String(route.params.id))
const told = shallowRef<{ readonly session: RoomSession; readonly day: Day } | null>(null)
const failed = ref<string | null>(null)
async function load() {
  failed.value = null
  try {
    told.value = await callApi(`/api/room/session/${id.value}`)
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(load)
watch(id, load)

const time = (at: string) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
const title = computed(() => {
  if (!told.value) return 'Session'
  const { createdAt, endedAt } = told.value.session
  return `${longDay(new Date(createdAt))}, ${time(createdAt)} ${endedAt ? `to ${time(endedAt)}` : 'and still going on'}`
})
const print = () => window.print()
useHead({ title: () => `${title.value} · Nimble Tally` })
</script>

<template>
  <div class="space-y-5">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">{{ title }}</h1>
      <span class="flex flex-wrap gap-2 print:hidden">
        <Key :disabled="!told?.day.matches.length" @click="print()"><UIcon name="i-lucide-printer" class="size-5" /> Print it</Key>
        <a class="key" :href="`/api/room/session/${id}/export`" download><UIcon name="i-lucide-sheet" class="size-5" /> CSV</a>
        <NuxtLink to="/room" class="key"><UIcon name="i-lucide-users-round" class="size-5" /> Seat the room</NuxtLink>
      </span>
    </header>
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">{{ failed }} <Key @click="load()">Try again</Key></p>
    <p v-else-if="!told" aria-busy="true">Looking back on it …</p>
    <p v-else-if="!told.day.matches.length" class="sheet p-8 text-center text-lg">Nothing was played in this session.</p>
    <LookedBack v-else :day="told.day" />
  </div>
</template>
