<script setup lang="ts">
import type { Tape, Line } from '#core/tape'
import type { Seat } from '~/utils/matches'

/** The roll of paper down the side: every entry with its arithmetic, newest first. */
const { tape, seats, waiting, at = null } = defineProps<{
  tape: Tape
  seats: readonly Seat[]
  waiting: number
  /** The entry that is being looked at. */
  at?: number | null
}>()
const emit = defineEmits<{ strike: [line: Line]; amend: [line: Line]; look: [line: Line] }>()

const showStruck = useLocalStorage('tape-struck', false)
const open = ref<number | null>(null)

/** Strikes and what they struck are off the tape's face unless asked for. */
const lines = computed(() =>
  [...tape.lines].reverse().filter((line) => showStruck.value || (!line.struck && line.entry.kind !== 'strike')),
)
const anyStruck = computed(() => tape.lines.some((line) => line.struck))
const firstWaiting = computed(() => tape.lines.length - waiting + 1)
</script>

<template>
  <section class="roll" aria-label="Tape">
    <header class="flex items-center justify-between gap-2 px-4 pt-3 pb-2">
      <h2 class="font-bold">Tape</h2>
      <button v-if="anyStruck" class="text-sm underline underline-offset-4 min-h-11 px-2 cursor-pointer" @click="showStruck = !showStruck">
        {{ showStruck ? 'Hide struck' : 'Show struck' }}
      </button>
    </header>
    <p v-if="!lines.length" class="px-4 pb-6 text-(--ink-soft)">Nothing yet. Each play appears here with its sum.</p>
    <ol class="entries">
      <TapeEntry
        v-for="line in lines"
        :key="line.number"
        :line="line"
        :table="tape.table"
        :seats="seats"
        :waiting="line.number >= firstWaiting"
        :open="open === line.number"
        :looked-at="at === line.number"
        @toggle="open = open === line.number ? null : line.number"
        @strike="emit('strike', line)"
        @amend="emit('amend', line)"
        @look="emit('look', line)"
      />
    </ol>
  </section>
</template>

<style scoped>
.roll {
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-bottom: none;
  display: flex;
  flex-direction: column;
  min-height: 0;
  /* The torn edge of the paper. */
  mask: conic-gradient(from -45deg at bottom, #0000, #000 1deg 89deg, #0000 90deg) 50% 100%/14px 7px repeat-x,
    linear-gradient(#000 0 0) top/100% calc(100% - 7px) no-repeat;
  padding-bottom: 12px;
}
.entries {
  overflow-y: auto;
  min-height: 0;
}
</style>
