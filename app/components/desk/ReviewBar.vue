<script setup lang="ts">
import { SliderRange, SliderRoot, SliderThumb, SliderTrack } from 'reka-ui'
import type { Tape } from '#core/kernel/tape'
import { sayEntry, sayVerdict } from '#core/wording/index'
import type { Review } from '~/composables/useReview'

/** Looking back: scrubs through the match step by step; the entry looked at can be amended or taken back. */
const { review, tape } = defineProps<{ review: Review; tape: Tape }>()

const most = computed(() => tape.lines.length)
const at = computed({ get: () => review.at.value ?? most.value, set: (entries) => review.look(entries) })
const line = computed(() => review.line.value)
const isPlay = computed(() => line.value?.entry.kind === 'play' && !line.value.struck)
const strikable = computed(() => line.value && !line.value.struck && line.value.entry.kind !== 'strike')
</script>

<template>
  <section class="sheet p-3 space-y-2 bar" aria-label="Looking back">
    <div class="flex flex-wrap items-center gap-2">
      <p class="font-bold display text-lg">Looking back</p>
      <p class="text-(--ink-soft)">{{ at === 0 ? 'before the first entry' : `after entry ${at} of ${most}` }}</p>
      <Key class="ml-auto" @click="review.leave()"
        ><UIcon name="i-lucide-arrow-right-to-line" class="size-5" /> Back to now</Key
      >
    </div>
    <div class="flex items-center gap-2">
      <Key aria-label="One entry back" :why="at === 0 && 'This is before the first entry.'" @click="at--"
        ><UIcon name="i-lucide-chevron-left" class="size-5"
      /></Key>
      <SliderRoot
        :model-value="[at]"
        :min="0"
        :max="most"
        class="flex-1 h-11 relative flex items-center select-none touch-none"
        @update:model-value="at = $event?.[0] ?? at"
      >
        <SliderTrack class="grow h-2 rounded-full bg-(--sunken) relative"
          ><SliderRange class="absolute h-full rounded-full bg-(--accent)"
        /></SliderTrack>
        <SliderThumb
          aria-label="After entry"
          class="size-6 rounded-full bg-(--sheet) border-3 border-(--accent) focus-visible:outline-3"
        />
      </SliderRoot>
      <Key aria-label="One entry on" :why="at >= most && 'This is the newest entry.'" @click="at++"
        ><UIcon name="i-lucide-chevron-right" class="size-5"
      /></Key>
    </div>
    <template v-if="line">
      <p class="font-semibold">{{ sayEntry(tape.table, line) }}</p>
      <p class="text-(--ink-soft)">{{ sayVerdict(tape.table, line) }}</p>
      <div class="flex flex-wrap gap-2">
        <Key v-if="isPlay" main @click="review.amend(line.number)"
          ><UIcon name="i-lucide-pencil" class="size-5" /> Put entry {{ line.number }} right</Key
        >
        <Key v-if="strikable" @click="review.attempt({ strike: line.number })"
          ><UIcon name="i-lucide-strikethrough" class="size-5" /> Take back entry {{ line.number }}</Key
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.bar {
  border: 2px dashed var(--call);
}
</style>
