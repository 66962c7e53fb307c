<script setup lang="ts">
import { callApi } from '~/utils/api'

/** The link to this match's board, as text and as a code to be scanned; a new link cuts off the old one. */
const { match, token } = defineProps<{ match: string; token: string }>()
const open = defineModel<boolean>('open', { required: true })

const current = ref(token)
const { failed, doing } = useDoing()
watch(
  () => token,
  (now) => (current.value = now),
)

const renew = () => doing(async () => (current.value = (await callApi(`/api/matches/${match}/board`, 'POST')).board))
</script>

<template>
  <DeskSheet
    v-model:open="open"
    title="Board view"
    description="For a second screen or a projector. Whoever has the link can look, and nothing else."
  >
    <BoardLink :path="`/board/${current}`" what="the board" @renew="renew()" />
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
  </DeskSheet>
</template>
