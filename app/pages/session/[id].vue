<script setup lang="ts">
import { callApi } from '~/utils/api'

/** The end of a session in one page. */
const route = useRoute()
const id = computed(() => String(route.params.id))
const { told, failed: unread, load } = useAnswer(() => callApi(`/api/room/session/${id.value}`), id)
const { failed: undone, doing } = useDoing()
const failed = computed(() => undone.value ?? unread.value)
function again() {
  undone.value = null
  return load()
}

/** An end can be taken back for an hour. */
const HOUR = 3_600_000
const now = useNow({ interval: 30_000 })
const fresh = computed(() => {
  const endedAt = told.value?.session.endedAt
  return Boolean(endedAt && now.value.getTime() - Date.parse(endedAt) < HOUR)
})
const resume = () =>
  doing(async () => {
    await callApi(`/api/room/session/${id.value}/resume`, 'POST')
    await navigateTo('/room')
  })

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
    @again="again()"
  >
    <template #after
      ><Key v-if="fresh" @click="resume()"><UIcon name="i-lucide-undo-2" class="size-5" /> It has not ended: go on</Key
      ><Key :to="`/room?again=${id}`"><UIcon name="i-lucide-repeat" class="size-5" /> The same tables again</Key>
      <Key to="/room"><UIcon name="i-lucide-users-round" class="size-5" /> Seat the room</Key></template
    >
  </LookBackPage>
</template>
