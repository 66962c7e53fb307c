<script setup lang="ts">
import { matchName } from '#core/games/titles'
import type { ListedMatch } from '#shared/api'

/** Closes a match that was left unfinished, as it stands; that can be taken back. */
const { match } = defineProps<{ match: ListedMatch }>()
const emit = defineEmits<{ done: [] }>()
const told = useTold()
const busy = ref(false)

async function finish() {
  busy.value = true
  try {
    await recordAfter(match.id, match.last, { call: 'finish' })
    told(`${matchName(match)} is finished as it stood.`, async () => {
      await recordAfter(match.id, match.last + 1, { strike: match.last + 1, why: 'not finished yet' }).catch((error) =>
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
    :aria-label="`Finish ${matchName(match)} of ${timeOfDay(match.updatedAt)} as it stands`"
    @click="finish()"
    ><UIcon name="i-lucide-flag" class="size-5" /> Finish</Key
  >
</template>
