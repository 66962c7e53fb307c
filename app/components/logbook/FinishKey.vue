<script setup lang="ts">
import { nanoid } from 'nanoid'
import { matchTitle } from '#core/games/abouts'
import type { ListedMatch } from '#shared/api'
import { callApi } from '~/utils/api'

/** Closes a match that was left unfinished, as it stands; that can be taken back. */
const { match } = defineProps<{ match: ListedMatch }>()
const emit = defineEmits<{ done: [] }>()
const told = useTold()
const busy = ref(false)

const add = (after: number, entry: object) =>
  callApi(`/api/matches/${match.id}/entries`, 'POST', { id: nanoid(), after, entry })

async function finish() {
  busy.value = true
  try {
    await add(match.last, { call: 'finish' })
    told(`${match.name || matchTitle(match)} is finished as it stood.`, async () => {
      await add(match.last + 1, { strike: match.last + 1, why: 'not finished yet' }).catch((error) =>
        told(saysOf(error)),
      )
      emit('done')
    })
  } catch (error) {
    told(saysOf(error))
  }
  busy.value = false
  emit('done')
}
</script>

<template>
  <Key
    :disabled="busy"
    :aria-label="`Finish ${match.name || matchTitle(match)} of ${timeOfDay(match.updatedAt)} as it stands`"
    @click="finish()"
    ><UIcon name="i-lucide-flag" class="size-5" /> Finish</Key
  >
</template>
