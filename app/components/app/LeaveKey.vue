<script setup lang="ts">
import { callApi } from '~/utils/api'

/** Who this device is where a passcode is asked for, and the way out, for a device that others use after. */
const { access, load } = useAccess()
const confirm = useConfirm()
const failed = ref<string | null>(null)

async function leave() {
  const question = {
    title: 'Leave on this device?',
    says: 'Whoever uses it next needs the passcode. Matches go on; boards stay as they are.',
    yes: 'Leave',
    no: 'Stay',
  }
  if (!(await confirm(question))) return
  try {
    await callApi('/api/session', 'DELETE')
    if (access.value?.school) await forgetRoom()
    await load(true)
    await navigateTo('/enter')
  } catch (error) {
    failed.value = saysOf(error)
  }
}
</script>

<template>
  <UButton
    v-if="access?.passcode && access.mayRecord"
    variant="bare"
    class="xl:size-auto! xl:px-2 whitespace-nowrap"
    :title="failed ?? 'This device is a referee’s: leave'"
    @click="leave()"
  >
    <UIcon name="i-lucide-log-out" class="size-5" />
    <span class="sr-only xl:not-sr-only">{{ access.room ? `${access.room.name}: leave` : 'Referee: leave' }}</span>
  </UButton>
</template>
