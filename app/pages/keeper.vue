<script setup lang="ts">
import { passcodeShape } from '#shared/requests'
import { callApi } from '~/utils/api'

/** The keeper of a school: makes rooms and hands out their passcodes, and sees nothing of who plays there. */
definePageMeta({ layout: 'bare' })

const here = shallowRef<{ keeper: boolean } | null>(null)
const { failed, doing } = useDoing()
const state = reactive({ passcode: '' })
const load = async () => (here.value = await callApi('/api/keeper/session'))
onMounted(() => doing(load))

async function enter({ passcode }: { passcode: string }) {
  await callApi('/api/keeper/session', 'POST', { passcode })
  state.passcode = ''
  await load()
}
const leave = () =>
  doing(async () => {
    await callApi('/api/keeper/session', 'DELETE')
    await load()
  })
useHead({ title: 'Rooms · Nimble Tally' })
</script>

<template>
  <SchoolRooms v-if="here?.keeper" @leave="leave()" />
  <SendForm
    v-else
    v-slot="{ busy }"
    :shape="passcodeShape"
    :state="state"
    :send="enter"
    class="max-w-md mx-auto pt-[18vh] px-4 space-y-4"
  >
    <img src="/mark.svg" alt="" class="size-14" />
    <h1 class="text-3xl font-bold">The rooms of this school</h1>
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    <PasscodeField v-model="state.passcode" label="The keeper’s passcode" />
    <Key main class="w-full" type="submit" :disabled="busy">Come in</Key>
    <Key to="/enter" class="w-full">To a room</Key>
  </SendForm>
</template>
