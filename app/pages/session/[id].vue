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

/** An end can be taken back for an hour. */
const HOUR = 3_600_000
const now = useNow({ interval: 30_000 })
const fresh = computed(() => {
  const endedAt = told.value?.session.endedAt
  return Boolean(endedAt && now.value.getTime() - Date.parse(endedAt) < HOUR)
})
async function resume() {
  failed.value = null
  try {
    await callApi(`/api/room/session/${id.value}/resume`, 'POST')
    await navigateTo('/room')
  } catch (error) {
    failed.value = saysOf(error)
  }
}

const title = computed(() => {
  if (!told.value) return 'Session'
  const { createdAt, endedAt } = told.value.session
  return `${longDay(new Date(createdAt))}, ${timeOfDay(createdAt)} ${endedAt ? `to ${timeOfDay(endedAt)}` : 'and still going on'}`
})
</script>

<template>
  <LookBackPage
    :title="title"
    :day="told?.day ?? null"
    :csv="`/api/room/session/${id}/export`"
    nothing="Nothing was played in this session."
    :failed="failed"
    @again="load()"
  >
    <template #after
      ><Key v-if="fresh" @click="resume()"><UIcon name="i-lucide-undo-2" class="size-5" /> It has not ended: go on</Key
      ><Key :to="`/room?again=${id}`"><UIcon name="i-lucide-repeat" class="size-5" /> The same tables again</Key>
      <Key to="/room"><UIcon name="i-lucide-users-round" class="size-5" /> Seat the room</Key></template
    >
  </LookBackPage>
</template>
