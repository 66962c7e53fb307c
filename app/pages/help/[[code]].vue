<script setup lang="ts">
import { helperCodeShape } from '#shared/requests'
import { callApi } from '~/utils/api'

/** Lets this device help at one table: by the code in the link, or one that is typed. */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { access, load } = useAccess()
/** Codes are eight letters and figures, in a school after the six of the room; how they are parted doesn’t count. */
const LONGEST = 14
const length = computed(() => (access.value?.school ? LONGEST : 8))
const lettersOf = (text: string, most = length.value) =>
  [...text.toLowerCase().replaceAll(/[^a-z\d]/g, '')].slice(0, most)
/** A link holds what it holds, before the server has said which kind it is. */
const letters = ref(lettersOf(String(route.params.code ?? ''), LONGEST))
const state = computed(() => ({ code: letters.value.join('') }))
const failed = ref<string | null>(null)
const stopping = ref(history.state?.stop === true)

async function enter(asked: { code: string }) {
  const { match } = await callApi('/api/helper', 'POST', asked)
  await load(true)
  await navigateTo(`/match/${match}`, { replace: true })
}
/** A code that is pasted comes whole, with its dash. */
function paste(event: ClipboardEvent) {
  const text = event.clipboardData?.getData('text') ?? ''
  if (text.trim().length < 2) return
  event.preventDefault()
  letters.value = lettersOf(text)
}
/** The dash that the code is written with has no place of its own. */
function leaveOut(event: Event) {
  const { data } = event as InputEvent
  if (data && /^[^a-z\d]+$/i.test(data)) event.preventDefault()
}
/** The link brings the code along: nothing has to be typed. */
async function come() {
  if (!state.value.code) return
  try {
    await enter(state.value)
  } catch (error) {
    failed.value = saysOf(error)
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
onMounted(() => void (stopping.value ? stop() : come()))
useHead({ title: 'Help at a table · Nimble Tally' })
</script>

<template>
  <SendForm
    v-slot="{ busy }"
    :shape="helperCodeShape"
    :state="state"
    :send="enter"
    class="max-w-lg mx-auto pt-[14vh] px-4 space-y-4"
  >
    <img src="/mark.svg" alt="" class="size-14" />
    <h1 class="text-3xl font-bold">Help at a table</h1>
    <p>You record what is played there and take back the newest play; the referee decides the rest.</p>
    <UFormField name="code" label="The code of the table">
      <UInput
        v-if="access?.school"
        :model-value="letters.join('')"
        class="w-full"
        :ui="{ base: 'figures h-14 text-2xl' }"
        aria-label="The code of the table"
        autocapitalize="none"
        autocomplete="off"
        @update:model-value="(text) => (letters = lettersOf(String(text)))"
      />
      <UPinInput
        v-else
        v-model="letters"
        :length="8"
        :separator="4"
        aria-label="The code of the table"
        autocomplete="off"
        :ui="{ root: 'w-full', base: 'figures grow w-0 h-14 text-2xl' }"
        @paste.capture="paste"
        @beforeinput.capture="leaveOut"
      >
        <template #separator>-</template>
      </UPinInput>
    </UFormField>
    <p v-if="failed" class="text-(--refused) font-semibold" role="alert">{{ failed }}</p>
    <Key type="submit" main class="w-full" :disabled="busy">Come to the table</Key>
    <Key v-if="stopping" class="w-full" @click="stop">Stop helping here</Key>
    <Key v-else-if="access?.helps" :to="`/match/${access.helps}`" class="w-full">Back to your table</Key>
  </SendForm>
</template>
