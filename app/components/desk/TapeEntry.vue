<script setup lang="ts">
import type { Table } from '#core/contract/table'
import type { Line } from '#core/kernel/tape'
import { sayEntry, sayVerdict } from '#core/wording/index'
import type { Seat } from '#shared/api'
import { stampOfLine } from '~/utils/stamps'

/** One entry of the tape; opened it tells the whole verdict and can be taken back. */
const { line, table, seats, waiting, open, lookedAt, still, silent } = defineProps<{
  line: Line
  table: Table
  seats: readonly Seat[]
  waiting: boolean
  open: boolean
  lookedAt: boolean
  /** It can be looked at, and not changed. */
  still: boolean
  /** What it comes to is still to be said. */
  silent: boolean
}>()
const emit = defineEmits<{ toggle: []; strike: []; amend: []; look: [] }>()

const by = computed(() => line.play?.by ?? null)
const seat = computed(() => (by.value ? seats[by.value - 1] : undefined))
const text = computed(() => sayEntry(table, line))
const stamp = computed(() => stampOfLine(line))
const workings = computed(() => (silent ? [] : line.verdict.working))
const isPlay = computed(() => line.entry.kind === 'play')
</script>

<template>
  <li :class="{ struck: line.struck, waiting, looked: lookedAt }" :data-entry="line.number">
    <button class="entry" :aria-expanded="open" @mousedown.prevent @click="emit('toggle')">
      <span class="figures text-xs text-(--ink-soft) w-7 pt-1 text-right shrink-0">{{ line.number }}</span>
      <Pennant v-if="seat" :number="seat.pennant" size="1.15rem" class="mt-0.5" />
      <UIcon v-else name="i-lucide-gavel" class="size-5 shrink-0 mt-0.5 text-(--ink-soft)" />
      <span class="flex-1 min-w-0 text-left">
        <span class="block leading-snug what">{{ text }}</span>
        <span v-for="(working, i) in workings" :key="i" class="block text-right font-semibold sum">
          <WorkingLine :working="working" />
        </span>
        <span v-if="waiting" class="block text-xs text-(--call)">waiting to be sent</span>
      </span>
      <Stamp v-if="isPlay || line.struck || !line.verdict.stands" :kind="stamp" small class="mt-0.5 shrink-0" />
    </button>
    <div v-if="open" class="px-4 pb-3 pl-12 space-y-2">
      <p>{{ silent ? table.game.about.finds.asks : sayVerdict(table, line) }}</p>
      <p v-if="line.amendedBy" class="text-sm text-(--ink-soft)">Put right by entry {{ line.amendedBy }}.</p>
      <div v-if="!still" class="flex flex-wrap gap-2">
        <Key @click="emit('look')"><UIcon name="i-lucide-eye" /> The table then</Key>
        <Key v-if="isPlay && !line.struck" @click="emit('amend')"
          ><UIcon name="i-lucide-pencil" /> Put entry {{ line.number }} right</Key
        >
        <Key v-if="!line.struck && line.entry.kind !== 'strike'" @click="emit('strike')">
          <UIcon name="i-lucide-strikethrough" /> Take back entry {{ line.number }}
        </Key>
      </div>
      <!-- Below the keys: it comes a moment later, and a key that moves away from under a finger is missed. -->
      <LazyWorkingDrawing v-for="(working, i) in workings" :key="i" :working="working" />
    </div>
  </li>
</template>

<style scoped>
.entry {
  display: flex;
  width: 100%;
  gap: 0.5rem;
  padding: 0.5rem 0.75rem 0.5rem 0.4rem;
  min-height: 2.75rem;
  align-items: flex-start;
  cursor: pointer;
}
.entry:hover {
  background: var(--paper);
}
li + li {
  border-top: 1px dashed var(--rule);
}
li.looked {
  background: var(--call-soft);
}
.struck .what,
.struck .sum {
  text-decoration: line-through;
  color: var(--ink-soft);
}
</style>
