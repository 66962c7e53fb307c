<script setup lang="ts">
import { passcodeShape } from '#shared/requests'
import { callApi } from '~/utils/api'

/** Gives the passcode that recording from other devices takes. */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { access, load } = useAccess()
/** A card’s code brings both along; the room is remembered here, the passcode never. */
const kept = useLocalStorage('school-room', '')
const state = reactive<{ passcode: string; room?: string }>({ passcode: decodeURIComponent(route.hash.slice(1)) })
watchEffect(() => {
  if (access.value?.school) state.room ??= typeof route.query.room === 'string' ? route.query.room : kept.value
})

async function enter(asked: { passcode: string; room?: string }) {
  await callApi('/api/session', 'POST', asked)
  // Another room's children are no business of this one's.
  if (kept.value && kept.value !== asked.room) await forgetRoom()
  if (asked.room) kept.value = asked.room
  await load(true)
  const to = String(route.query.to ?? '/')
  await navigateTo(to.startsWith('/') && !to.startsWith('//') ? to : '/')
}
useHead({ title: 'Passcode · Nimble Tally' })
</script>

<template>
  <SendForm
    v-slot="{ busy }"
    :shape="passcodeShape"
    :state="state"
    :send="enter"
    class="max-w-md mx-auto pt-[18vh] px-4 space-y-4"
  >
    <img src="/mark.svg" alt="" class="size-14" />
    <h1 class="text-3xl font-bold">Nimble Tally</h1>
    <UFormField v-if="access?.school" name="room" label="The code of the room">
      <UInput
        v-model="state.room"
        class="w-full"
        :ui="{ base: 'figures h-14 text-2xl' }"
        autocomplete="username"
        autocapitalize="none"
        maxlength="40"
      />
    </UFormField>
    <PasscodeField v-model="state.passcode" :label="access?.school ? 'Its passcode' : 'The passcode of this table'" />
    <Key main class="w-full" type="submit" :disabled="busy">Come in</Key>
    <p class="text-sm text-(--ink-soft)">
      {{ access?.school ? 'Both stand on the room’s card.' : 'It was shown where Nimble Tally was started.' }}
      To look at a board you need only its link.
    </p>
    <Key v-if="access?.helps" :to="`/match/${access.helps}`" class="w-full">Back to the table where you help</Key>
    <Key v-else to="/help" class="w-full">Help at a table with its code</Key>
  </SendForm>
</template>
