<script setup lang="ts">
import { count } from '#core/basics/words'
import { callApi } from '~/utils/api'

/** Earlier sessions, each a touch from its page. */
const { told } = useAnswer(() => callApi('/api/room/session/ended'))
const sessions = computed(() => told.value?.sessions ?? [])
</script>

<template>
  <section v-if="sessions.length" class="sheet p-4 space-y-2" aria-labelledby="earlier">
    <h2 id="earlier" class="text-xl font-bold">Earlier sessions</h2>
    <ul class="flex flex-wrap gap-2">
      <li v-for="session in sessions" :key="session.id">
        <Key :to="`/session/${session.id}`"
          ><UIcon name="i-lucide-calendar-check" class="size-5" /> {{ shortDay(session.createdAt) }},
          {{ timeOfDay(session.createdAt) }}: {{ count(session.matches, 'match', 'matches') }}</Key
        >
      </li>
    </ul>
  </section>
</template>
