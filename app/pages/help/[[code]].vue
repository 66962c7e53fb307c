<script setup lang="ts">
import { callApi } from '~/utils/api'

/** Lets this device help at one table: by the code in the link, or one that is typed. */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { access, load } = useAccess()
const code = ref(String(route.params.code ?? ''))
const failed = ref<string | null>(null)
const busy = ref(false)
const stopping = ref(history.state?.stop === true)

async function enter() {
  if (!code.value.trim() || busy.value) return
  busy.value = true
  failed.value = null
  try {
    const { match } = await callApi<{ match: string }>('/api/helper', 'POST', { code: code.value.trim() })
    await load(true)
    await navigateTo(`/match/${match}`, { replace: true })
  } catch (error) {
    failed.value = saysOf(error)
  } finally {
    busy.value = false
  }
}
/** Gives up the right to help, for whoever comes from a desk to do so; the code lets this device in again. */
async function stop() {
  try {
    await callApi('/api/helper', 'DELETE')
    stopping.value = false
    await load(true)
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(() => void (stopping.value ? stop() : enter()))
useHead({ title: 'Help at a table · Nimble Tally' })
</script>

<template>
  <form class="max-w-md mx-auto pt-[14vh] px-4 space-y-4" @submit.prevent="enter">
    <img src="/mark.svg" alt="" class="size-14" />
    <h1 class="text-3xl font-bold">Help at a table</h1>
    <p>You record what is played there and take back the newest play; the referee decides the rest.</p>
    <label class="block font-semibold" for="code">The code of the table</label>
    <input
      id="code"
      v-model="code"
      class="figures w-full h-14 px-4 text-2xl rounded-md border-2 border-(--ui-border-accented) bg-(--sheet)"
      autocomplete="off"
      autocapitalize="none"
      spellcheck="false"
      placeholder="abcd-efgh"
    />
    <p class="min-h-6 text-(--refused) font-semibold" role="alert">{{ failed }}</p>
    <Key type="submit" main class="w-full" :disabled="busy || !code.trim()">Come to the table</Key>
    <Key v-if="stopping" class="w-full" @click="stop">Stop helping here</Key>
    <Key v-else-if="access?.helps" :to="`/match/${access.helps}`" class="w-full">Back to your table</Key>
  </form>
</template>
