<script setup lang="ts">
import type { Working } from '#core/contract/working'
import { aidsFor } from '#core/mastery/ladder'

/** On their own: an answer that is not right is tried again, kept as it was said, or shown; showing it is recorded as help. */
const { working } = defineProps<{ working: Working | null }>()
const desk = useDesk()
const helping = ref(false)
/** What there is to find, where a drawing helps with it. */
const equation = computed(() => (working?.kind === 'equation' && aidsFor(working).length ? working : null))
const asks = computed(() => desk.tape.value!.table.game.about.finds.asks)
/** It was answered, wrong, and the play would stand all the same. */
const wrong = computed(
  () => desk.given.value && desk.answering.value === 'wrong' && desk.judged.value?.verdict.stands === true,
)
</script>

<template>
  <VerdictKeys label="On their own">
    <template v-if="wrong">
      <Key @click="desk.clear()"><UIcon name="i-lucide-rotate-ccw" class="size-5" /> <span>Try again</span></Key>
      <Key @click="desk.record()"><UIcon name="i-lucide-bookmark" class="size-5" /> <span>Leave it so</span></Key>
    </template>
    <Key v-if="equation" @click="helping = true"
      ><UIcon name="i-lucide-life-buoy" class="size-5" /> <span>Help</span></Key
    >
    <Key @click="desk.lift()"><UIcon name="i-lucide-eye" class="size-5" /> <span>Show it</span></Key>
    <LazyHelpSheet
      v-if="equation && helping"
      v-model:open="helping"
      :equation="equation"
      :asks="asks"
      @helped="desk.help"
      @shown="desk.showHelp"
    />
  </VerdictKeys>
</template>
