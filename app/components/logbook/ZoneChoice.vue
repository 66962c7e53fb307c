<script setup lang="ts">
import type { Zone } from '#shared/api'
import { callApi } from '~/utils/api'

/** By whose clocks the room's days and weeks go: the server's own time zone, or another one. */
const zone = shallowRef<Zone | null>(null)
const failed = ref<string | null>(null)
const zones = Intl.supportedValuesOf('timeZone')

async function call(method: 'GET' | 'PUT', body?: { zone: string | null }) {
  failed.value = null
  try {
    zone.value = await callApi('/api/room/zone', method, body)
    roomZone.value = zone.value.zone
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(() => call('GET'))
const now = useTimestamp({ interval: 10_000 })
</script>

<template>
  <section class="sheet p-5 space-y-3" aria-labelledby="zone">
    <h2 id="zone" class="text-xl font-bold">Days and weeks</h2>
    <p>Days and weeks in the logbook begin by the clocks of the room.</p>
    <div v-if="zone" class="flex flex-wrap gap-2 items-center">
      <USelectMenu
        :model-value="zone.zone"
        :items="zones"
        size="xl"
        icon="i-lucide-clock"
        class="min-w-64"
        aria-label="Time zone of the room"
        :search-input="{ placeholder: 'Which city?' }"
        @update:model-value="call('PUT', { zone: $event })"
      />
      <Key v-if="zone.own" @click="call('PUT', { zone: null })">As this server’s own</Key>
      <span>It is {{ timeOfDay(new Date(now)) }} there, {{ zone.own ? 'as set here' : 'as on this server' }}.</span>
    </div>
    <p v-if="failed" role="alert">{{ failed }}</p>
  </section>
</template>
