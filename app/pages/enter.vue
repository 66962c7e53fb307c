<script setup lang="ts">
import { callApi } from '~/utils/api'

/** Gives the passcode that recording from other devices takes. */
definePageMeta({ layout: 'bare' })

const route = useRoute()
const { access, load } = useAccess()
const passcode = ref('')
const failed = ref<string | null>(null)
const busy = ref(false)

async function enter() {
  if (!passcode.value.trim()) return
  busy.value = true
  failed.value = null
  try {
    await callApi('/api/session', 'POST', { passcode: passcode.value.trim() })
    await load(true)
    const to = String(route.query.to ?? '/')
    await navigateTo(to.startsWith('/') && !to.startsWith('//') ? to : '/')
  } catch (error) {
    failed.value = saysOf(error)
  } finally {
    busy.value = false
  }
}
useHead({ title: 'Passcode · Nimble Tally' })
</script>

<template>
  <form class="max-w-md mx-auto pt-[18vh] px-4 space-y-4" @submit.prevent="enter">
    <img src="/mark.svg" alt="" class="size-14" />
    <h1 class="text-3xl font-bold">Nimble Tally</h1>
    <label class="block font-semibold" for="passcode">The passcode of this table</label>
    <input
      id="passcode"
      v-model="passcode"
      class="figures w-full h-14 px-4 text-2xl rounded-md border-2 border-(--ui-border-accented) bg-(--sheet)"
      type="password"
      autocomplete="current-password"
      autofocus
    />
    <p class="min-h-6 text-(--refused) font-semibold" role="alert">{{ failed }}</p>
    <Key main class="w-full" type="submit" :disabled="busy">Come in</Key>
    <p class="text-sm text-(--ink-soft)">
      It was shown where Nimble Tally was started. To look at a board you need only its link.
    </p>
    <Key v-if="access?.helps" :to="`/match/${access.helps}`" class="w-full">Back to the table where you help</Key>
    <Key v-else to="/help" class="w-full">Help at a table with its code</Key>
  </form>
</template>
