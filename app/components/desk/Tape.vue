<script setup lang="ts">
import type { Line, Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** The roll of paper down the side: every entry with its arithmetic, newest first. Only what is near is drawn. */
const {
  tape,
  seats,
  waiting,
  at = null,
  still = false,
  memory = false,
} = defineProps<{
  tape: Tape
  seats: readonly Seat[]
  waiting: number
  /** The entry that is being looked at. */
  at?: number | null
  /** Entries can be looked at, and not changed. */
  still?: boolean
  /** What was seen before is to be remembered: only the newest entry is told, until a key is held. */
  memory?: boolean
}>()
const emit = defineEmits<{ strike: [line: Line]; amend: [line: Line]; look: [line: Line]; closed: [] }>()

const { silent } = useDesk()
const showStruck = useLocalStorage('tape-struck', false)
const open = ref<number | null>(null)

/** Strikes and what they struck are off the tape's face unless asked for. */
const lines = computed(() => {
  const shown: Line[] = []
  for (let i = tape.lines.length - 1; i >= 0; i--) {
    const line = tape.lines[i]!
    if (showStruck.value || (!line.struck && line.entry.kind !== 'strike')) shown.push(line)
  }
  return shown
})
const anyStruck = computed(() => tape.lines.some((line) => line.struck))
const firstWaiting = computed(() => tape.lines.length - waiting + 1)

/** Entries drawn at once, and more each time the end of them comes in sight. */
const PAGE = 60
const drawn = ref(PAGE)
const looking = ref(false)
const closed = computed(() => memory && !looking.value)
watch(
  () => tape.lines.length,
  () => (looking.value = false),
)
const page = computed(() => lines.value.slice(0, closed.value ? 1 : drawn.value))
const list = useTemplateRef('list')
const end = useTemplateRef('end')
useIntersectionObserver(
  end,
  ([seen]) => {
    if (seen?.isIntersecting && drawn.value < lines.value.length) drawn.value += PAGE
  },
  { root: list, rootMargin: '400px' },
)
/** Back at the newest, the older ones are let go of again. */
useEventListener(
  list,
  'scroll',
  () => {
    if (list.value!.scrollTop < 40) drawn.value = PAGE
  },
  { passive: true },
)
/** What is looked at is drawn, however old. */
watch(
  () => at,
  (number) => {
    const place = number === null ? -1 : lines.value.findIndex((line) => line.number === number)
    if (place >= drawn.value) drawn.value = place + PAGE
  },
)

function toggle(number: number) {
  open.value = open.value === number ? null : number
  if (open.value === null) emit('closed')
}
</script>

<template>
  <section class="roll" aria-label="Tape">
    <header class="flex items-center justify-between gap-2 px-4 pt-2 pb-1">
      <h2 class="font-bold" title="Everything that was recorded, newest first, with its arithmetic">Tape</h2>
      <button
        v-if="anyStruck"
        class="text-sm underline underline-offset-4 min-h-11 px-2 cursor-pointer"
        @mousedown.prevent
        @click="showStruck = !showStruck"
      >
        {{ showStruck ? 'Hide what was taken back' : 'Show what was taken back' }}
      </button>
    </header>
    <p v-if="!lines.length" class="px-4 pb-6 text-(--ink-soft)">
      This is the tape, like that of an adding machine: each play appears here with its sum, and can be looked at or put
      right later.
    </p>
    <ol ref="list" class="entries">
      <TapeEntry
        v-for="line in page"
        :key="line.number"
        :line="line"
        :table="tape.table"
        :seats="seats"
        :waiting="line.number >= firstWaiting"
        :open="open === line.number"
        :looked-at="at === line.number"
        :still="still"
        :silent="silent.has(line.number)"
        @toggle="toggle(line.number)"
        @strike="emit('strike', line)"
        @amend="emit('amend', line)"
        @look="emit('look', line)"
      />
      <li v-if="closed && lines.length > 1" class="px-4 py-3">
        <HeldKey :label="`${lines.length - 1} older`" @held="looking = true" />
      </li>
      <li v-else-if="page.length < lines.length" ref="end" class="px-4 py-3 text-(--ink-soft)">
        {{ lines.length - page.length }} older …
      </li>
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
  mask:
    conic-gradient(from -45deg at bottom, #0000, #000 1deg 89deg, #0000 90deg) 50% 100%/14px 7px repeat-x,
    linear-gradient(#000 0 0) top/100% calc(100% - 7px) no-repeat;
  padding-bottom: 12px;
}
.entries {
  overflow-y: auto;
  min-height: 0;
}
.entries > :deep(li) {
  content-visibility: auto;
  contain-intrinsic-size: auto 3.2rem;
}
</style>
