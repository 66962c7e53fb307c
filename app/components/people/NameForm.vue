<script setup lang="ts">
import * as z from 'zod'
import { newPersonShape } from '#shared/requests'

/** Somebody new: the name is kept while the page is left or loaded again, until it was taken. */
const { send, main = false } = defineProps<{ send: (name: string) => Promise<unknown>; main?: boolean }>()

const state = useKeptInTab('new-name', z.object({ name: z.string() }), { name: '' })
const take = async ({ name }: { name: string }) => {
  await send(name)
  state.value = { name: '' }
}
</script>

<template>
  <SendForm v-slot="{ busy }" :shape="newPersonShape" :state="state" :send="take" class="flex flex-wrap gap-2">
    <UFormField name="name">
      <UInput
        v-model="state.name"
        maxlength="40"
        placeholder="First name or nickname"
        aria-label="New name"
        class="w-64"
      />
    </UFormField>
    <Key type="submit" :main="main" :disabled="busy"><UIcon name="i-lucide-user-plus" class="size-5" /> Add</Key>
    <slot />
  </SendForm>
</template>
