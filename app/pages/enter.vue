<script setup lang="ts">
import { passcodeShape } from '#shared/requests'
import { callApi } from '~/utils/api'

/** Gives the passcode that recording from other devices takes. */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { access, load } = useAccess()
const state = reactive({ passcode: '' })

async function enter(asked: { passcode: string }) {
  await callApi('/api/session', 'POST', asked)
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
    <UFormField name="passcode" label="The passcode of this table">
      <UInput
        v-model="state.passcode"
        class="w-full"
        :ui="{ base: 'figures h-14 text-2xl' }"
        type="password"
        autocomplete="current-password"
        autofocus
      />
    </UFormField>
    <Key main class="w-full" type="submit" :disabled="busy">Come in</Key>
    <p class="text-sm text-(--ink-soft)">
      It was shown where Nimble Tally was started. To look at a board you need only its link.
    </p>
    <Key v-if="access?.helps" :to="`/match/${access.helps}`" class="w-full">Back to the table where you help</Key>
    <Key v-else to="/help" class="w-full">Help at a table with its code</Key>
  </SendForm>
</template>
