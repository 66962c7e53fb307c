<script setup lang="ts">
import type { Line, Tape } from '#core/kernel/tape'
import type { GameView } from '~/games/view'

/** Verdict and pad, always in sight while plays are entered. */
const { shown, view, last, review, takenBack, redoable } = defineProps<{
  shown: Tape
  view: GameView
  /** The newest entry that counts. */
  last: Line | null
  review: Review
  /** What was taken back just now, in words. */
  takenBack: string | null
  redoable: boolean
}>()
const emit = defineEmits<{ redo: []; strike: [line: Line]; leave: [line: Line]; draw: [] }>()

const desk = useDesk()
const { amending } = review
const quick = useTemplateRef('quick')
const pad = useTemplateRef('pad')
defineExpose({ focus: () => pad.value?.focus(), focusLine: () => quick.value?.focus() })
</script>

<template>
  <div class="dock">
    <p v-if="amending !== null" class="strip text-(--call)" role="status">
      <UIcon name="i-lucide-pencil" class="size-5" /> Entry {{ amending }}: the table is as it was then. Enter what
      really happened.
      <Key class="ml-auto" @click="review.stopAmending()">Leave it</Key>
    </p>
    <p v-else-if="takenBack" class="strip" role="status">
      <UIcon name="i-lucide-undo-2" class="size-5 shrink-0" />
      <span class="truncate">Taken back: {{ takenBack }}</span>
      <Key
        v-if="!desk.helping.value"
        class="ml-auto shrink-0"
        :why="!redoable && 'Something else was recorded since.'"
        @click="emit('redo')"
        >Bring it back</Key
      >
    </p>
    <LiveVerdict
      :tape="shown"
      :last="last"
      :amending="amending !== null"
      @amend="review.amend($event.number)"
      @strike="emit('strike', $event)"
      @leave="emit('leave', $event)"
      @draw="emit('draw')"
    />
    <PadFrame ref="pad">
      <template #head
        ><QuickLine ref="quick" :typed="view.typed" @record="desk.offer" @draft="desk.enter($event)"
      /></template>
      <component :is="view.Pad" :key="amending ?? 'now'" />
    </PadFrame>
  </div>
</template>

<style scoped>
.dock {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 0.4rem;
}
.strip {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 3rem;
  font-weight: 600;
}
@media (max-height: 34rem) {
  .strip {
    min-height: 2.75rem;
  }
}
/* As low as a phone held sideways: the pad beside the table, the verdict below it; the quick line comes when it is asked for (/). */
@media (max-height: 34rem) and (max-width: 59.99rem) {
  .dock {
    display: contents;
  }
  .dock > :deep(.pad) {
    grid-area: dock;
    max-height: none;
    min-height: 0;
  }
  .dock > :deep(.place) {
    grid-area: verdict;
  }
  .dock > .strip {
    grid-area: stage;
    align-self: end;
    z-index: 1;
    background: var(--paper);
  }
  .dock :deep(.quick:not(:focus-within)) {
    position: absolute;
    opacity: 0;
    pointer-events: none;
  }
}
</style>
