<script setup lang="ts">
import type { Line } from '#core/kernel/tape'
import { sayProgress } from '#core/kernel/progress'
import { mayHelperRecord } from '#core/room/helper'
import { newestToRedo, newestToStrike } from '#core/kernel/tape'
import { sayEntry, sayResult, sayVerdict, speaking } from '#core/wording/index'
import { useGameView } from '~/games'
import type { Offer } from '~/composables/useDesk'
import { leaveMatch } from '~/stores/match'

/**
 * The referee's desk: players above; the table, which takes what room is left; verdict and pad docked below it, always
 * in sight; the tape and the referee's eye down the side (on a phone behind tabs).
 */
const { id } = defineProps<{ id: string }>()

const store = useMatchStore(id)
const review = useReview(store)
const { access, whole } = useAccess()
/** Whoever is here helps at this table; rulings stay with the referee. */
const helping = computed(() => !whole.value)
const { amending } = review
const desk = provideDesk({
  tape: () => review.shown.value,
  seats: () => store.match?.seats ?? [],
  still: () => !entering.value,
  entry: computed<unknown>({
    get: () => (amending.value === null ? store.half : review.half.value),
    set: (entry) => (amending.value === null ? (store.half = entry) : (review.half.value = entry)),
  }),
  commit,
  note: (why) => void store.record({ call: 'note', why }),
  helping: () => helping.value,
})
const { dealer } = desk
const root = useTemplateRef<HTMLElement>('root')
useSecondTouch(root, desk.made)
const voice = useVoice()
const quick = useTemplateRef('quick')
const pad = useTemplateRef('pad')
const { sheet, asked, sheetOf } = useSheets()
const [more, help, ruling, share] = [sheetOf('more'), sheetOf('help'), sheetOf('ruling'), sheetOf('share')]
const [finish, agreed, names, relay, helpers] = [
  sheetOf('finish'),
  sheetOf('agreed'),
  sheetOf('names'),
  sheetOf('relay'),
  sheetOf('helpers'),
]
const leaving = sheetOf('leave')
/** Where somebody is going who was asked what becomes of the clock. */
let goingTo: string | null = null
/** Leaving a match whose clock runs asks once: it would run on unseen. */
onBeforeRouteLeave(({ fullPath }) => {
  const runs = store.clock.since !== null && !result.value && tape.value?.state.rules.minutes !== null
  if (!runs || helping.value || leaveAsked.value || sheet.value !== null) return true
  leaveAsked.value = true
  goingTo = fullPath
  sheet.value = 'leave'
  return false
})
const leaveAsked = useSessionStorage(`leave-asked-${id}`, false)
async function goAfter() {
  sheet.value = null
  if (goingTo) await navigateTo(goingTo)
}
const tab = ref<'table' | 'tape' | 'eye'>('table')
const drawn = useLocalStorage('draw-verdict', false)

onMounted(() => void store.join())
// The table plays again: whoever helps there goes along.
watch(
  () => store.movedTo,
  async (next) => {
    if (!next) return
    if (access.value) access.value = { ...access.value, helps: next }
    await navigateTo(`/match/${next}`, { replace: true })
  },
)
onBeforeUnmount(() => leaveMatch(store))

const tape = computed(() => store.tape)
const shown = computed(() => review.shown.value)
const game = computed(() => tape.value?.table.game)
const view = useGameView(() => game.value?.id)
const seats = desk.seats
const result = computed(() => tape.value?.state.result ?? null)
const looking = computed(() => review.looking.value)
const entering = computed(() => amending.value !== null || (!looking.value && !result.value && !store.clock.paused))
/** Scores of another moment say so: those of then, or as they would be with what is being put right. */
const told = computed(() => {
  if (amending.value !== null || review.at.value !== null) return 'then'
  return review.pending.value.length ? 'put right' : ''
})
const undoable = computed(() => {
  const newest = tape.value && newestToStrike(tape.value)
  return newest && (!helping.value || mayHelperRecord(tape.value!, { strike: newest.number })) ? newest : null
})
const redoable = computed(() => (tape.value && !helping.value ? newestToRedo(tape.value) : null))
const round = computed(() => (shown.value ? sayProgress(shown.value.table, shown.value.state) : ''))
const reveal = computed(() => dealer.showing.value?.reveal ?? null)
/** The newest entry that counts, in the match as it is shown. */
const last = computed(
  () => shown.value?.lines.findLast(({ struck, entry }) => !struck && entry.kind !== 'strike') ?? null,
)
const working = computed(() => desk.judged.value?.verdict.working[0] ?? last.value?.verdict.working.at(-1) ?? null)
const prompts = computed(() => {
  const now = tape.value
  if (!now || !game.value || !entering.value || amending.value !== null) return []
  const fresh = now.lines.findLast((line) => line.verdict.stands && line.play && line.after === now.state)
  return game.value.wording.prompts(now.state.rules, fresh?.verdict.notes ?? [])
})

/** Said to a screen reader, spoken and chimed where wished: each new verdict once. */
const heard = ref('')
watch(tape, (now, before) => {
  if (!now || !before || now.lines.length <= before.lines.length) return
  const line = now.lines.at(-1)!
  const { state, table } = now
  const next = desk.next.value
  const turn = next.length === 1 && desk.turns.value ? ` ${speaking(table).name(next[0]!)} is next.` : ''
  heard.value = state.result
    ? sayResult(table, state.result)
    : `${sayEntry(table, line)}. ${sayVerdict(table, line)}${turn}`
  voice.say(heard.value)
  voice.chime(state.result ? 'end' : line.verdict.stands ? 'stands' : 'refused')
})

function commit(offer: Offer) {
  takenBack.value = null
  if (amending.value === null) return store.record(offer)
  review.attempt({ amend: amending.value, ...offer })
}

/** What was taken back just now, offered again until the next entry. */
const takenBack = ref<string | null>(null)
function undo() {
  const line = undoable.value
  if (!line || !tape.value) return
  takenBack.value = sayEntry(tape.value.table, line)
  desk.settle()
  desk.enter(null)
  store.record({ strike: line.number })
}
function redo() {
  if (!redoable.value) return
  takenBack.value = null
  store.record({ strike: redoable.value.number })
}

/** The newest entry is taken back at once; what an older one brings with it is shown first. */
function strike(line: Line) {
  if (line.number === undoable.value?.number) undo()
  else review.attempt({ strike: line.number })
}

/** The referee decided that an entry stays as it is: that stands on the tape too. */
function leaveSo(line: Line) {
  store.record({ call: 'note', why: `entry ${line.number} stays as it is` })
}

/** The pad begins with the play that is to be put right. */
watch(
  amending,
  () => {
    const play = amending.value === null ? null : review.line.value?.play
    desk.enter(null)
    review.half.value = play && shown.value ? (view.value?.fill?.(play, shown.value) ?? null) : null
  },
  { flush: 'sync' },
)

function end(why: string) {
  sheet.value = null
  store.record(why ? { call: 'finish', why } : { call: 'finish' })
}

function lookBack() {
  sheet.value = null
  tab.value = 'table'
  review.look(tape.value?.lines.length ?? 0)
}
function reopen(opening: unknown) {
  sheet.value = null
  review.attempt({ amend: 0, opening })
}
const backToPad = () => pad.value?.focus()
watch(sheet, (now) => now === null && nextTick(backToPad))

const KEYS: Readonly<Record<string, () => void>> = {
  z: undo,
  y: redo,
  '/': () => quick.value?.focus(),
  '?': () => (sheet.value = 'help'),
  l: lookBack,
  m: () => (sheet.value = 'more'),
  b: () => (sheet.value = 'share'),
  v: () => (sheet.value = 'agreed'),
  r: () => !result.value && (sheet.value = 'ruling'),
}
/** Of these a helper has: taking back, the quick line, what is agreed, the shortcuts. */
const HELPERS_KEYS: readonly string[] = ['z', '/', 'v', '?']
function press(event: KeyboardEvent) {
  // The pad's keys come first; what it took is not the desk's.
  if (event.defaultPrevented || isTyping(event) || event.altKey || sheet.value) return
  if (helping.value && !HELPERS_KEYS.includes(event.key.toLowerCase())) return
  const key = event.key.toLowerCase()
  const command = event.ctrlKey || event.metaKey
  if (review.at.value !== null && key === 'arrowleft') review.look(review.at.value - 1)
  else if (review.at.value !== null && key === 'arrowright') review.look(review.at.value + 1)
  else if (looking.value && key === 'escape') review.leave()
  else if (key === 'z' && event.shiftKey) redo()
  else if (KEYS[key] && (!command || key === 'z' || key === 'y')) KEYS[key]()
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
useHead({ title: () => `${store.match?.name || game.value?.about.title || 'Match'} · Nimble Tally` })
</script>

<template>
  <div v-if="store.missing" class="sheet p-8 max-w-xl mx-auto mt-10 text-center space-y-4">
    <h1 class="text-2xl font-bold">No match here</h1>
    <p>{{ store.missing }}</p>
    <NuxtLink v-if="!helping" to="/" class="key">All matches</NuxtLink>
  </div>
  <div v-else-if="!tape || !shown || !game || !view" class="p-8 text-center" aria-busy="true">
    {{ store.online ? 'Setting the table …' : 'The server can’t be reached. Trying again …' }}
  </div>
  <div v-else ref="root" class="desk" :class="{ entering, settling: desk.settling.value }" :data-tab="tab">
    <header class="bar">
      <span v-if="helping" class="home" title="You help at this table"
        ><img src="/mark.svg" alt="" class="size-8"
      /></span>
      <NuxtLink v-else to="/" class="home" aria-label="Nimble Tally, all matches" title="All matches"
        ><img src="/mark.svg" alt="" class="size-8"
      /></NuxtLink>
      <h1>
        {{ game.about.title }}<span v-if="store.match?.name" class="table-name">{{ store.match.name }}</span>
      </h1>
      <p v-if="round" class="round">{{ round }}</p>
      <ClockFace :store="store" :still="helping" />
      <RoomTime :store="store" />
      <DeskStatus :store="store" />
      <p v-if="helping" class="others helper">
        <UIcon name="i-lucide-hand-helping" class="size-5" /> <span class="word">You help here</span>
      </p>
      <TableSwitcher v-else :current="id" class="others" />
      <div class="acts">
        <Key :disabled="!undoable" title="Take back the newest entry (Z)" aria-label="Take back" @click="undo"
          ><UIcon name="i-lucide-undo-2" class="size-5" /> <span class="word">Take back</span></Key
        >
        <Key
          v-if="!helping"
          :disabled="!redoable"
          aria-label="Bring back"
          title="Bring back what was taken back (Y)"
          @click="redo"
          ><UIcon name="i-lucide-redo-2" class="size-5"
        /></Key>
        <Key aria-label="Agreed house rules" title="What is agreed (V)" @click="sheet = 'agreed'"
          ><UIcon name="i-lucide-scroll-text" class="size-5"
        /></Key>
        <Key v-if="!helping" aria-label="More" title="More (M)" @click="sheet = 'more'"
          ><UIcon name="i-lucide-ellipsis" class="size-5"
        /></Key>
      </div>
    </header>
    <PlayersRow class="seats" :tape="shown" :seats="seats" :touchable="entering" :told="told" />
    <nav class="tabs" aria-label="What is shown">
      <Key
        v-for="[name, label] in [
          ['table', 'Table'],
          ['tape', `Tape ${tape.lines.length || ''}`],
          ['eye', 'Eye'],
        ] as const"
        :key="name"
        :aria-pressed="tab === name"
        @click="tab = name"
        >{{ label }}</Key
      >
    </nav>
    <div class="stage">
      <ConflictPanel v-if="store.conflict" :store="store" />
      <CorrectionPanel
        v-if="review.pending.value.length && amending === null"
        class="scrolls"
        :review="review"
        :tape="tape"
        :seats="seats"
      />
      <Announcement
        v-else-if="result && !looking"
        class="scrolls"
        :store="store"
        :tape="tape"
        :seats="seats"
        :view="view"
      />
      <FitBox v-else class="grow" :least="0.62" :most="1.3">
        <component :is="view.Table" :key="amending ?? 'now'" />
      </FitBox>
      <DealReveal v-if="reveal" class="reveal" :reveal="reveal" @done="dealer.done()" />
    </div>
    <div v-if="store.clock.paused && !result && !looking" class="dock rests" role="status">
      <UIcon name="i-lucide-moon" class="size-7 shrink-0" />
      <p class="grow">
        <b>Paused until later</b>, since {{ lately(store.clock.paused.at) }}. Nothing is lost; whose turn it is stands
        above.
      </p>
      <Key v-if="!helping" main @click="store.setClock('back')"
        ><UIcon name="i-lucide-play" class="size-5" /> Go on</Key
      >
    </div>
    <div v-else-if="entering" class="dock">
      <p v-if="amending !== null" class="strip text-(--call)" role="status">
        <UIcon name="i-lucide-pencil" class="size-5" /> Entry {{ amending }}: the table is as it was then. Enter what
        really happened.
        <Key class="ml-auto" @click="review.stopAmending()">Leave it</Key>
      </p>
      <p v-else-if="takenBack" class="strip" role="status">
        <UIcon name="i-lucide-undo-2" class="size-5 shrink-0" />
        <span class="truncate">Taken back: {{ takenBack }}</span>
        <Key v-if="!helping" class="ml-auto shrink-0" :disabled="!redoable" @click="redo">Bring it back</Key>
      </p>
      <LiveVerdict
        :tape="shown"
        :last="last"
        :amending="amending !== null"
        @amend="review.amend($event.number)"
        @strike="strike"
        @leave="leaveSo"
        @draw="((drawn = true), (tab = 'eye'))"
      />
      <PadFrame ref="pad">
        <template #head
          ><QuickLine ref="quick" :typed="view.typed" @record="desk.offer" @draft="desk.enter($event)"
        /></template>
        <component :is="view.Pad" :key="amending ?? 'now'" />
      </PadFrame>
    </div>
    <ReviewBar v-else-if="looking && !review.pending.value.length" class="dock" :review="review" :tape="tape" />
    <aside class="side">
      <Tape
        :tape="tape"
        :seats="seats"
        :waiting="store.waiting.length"
        :at="review.at.value"
        :still="helping"
        class="side-tape"
        @strike="strike"
        @amend="review.amend($event.number)"
        @look="review.look($event.number)"
        @closed="backToPad"
      />
      <EyePanel
        v-model:drawn="drawn"
        class="side-eye"
        :tape="tape"
        :seats="seats"
        :view="view"
        :prompts="prompts"
        :working="looking ? null : working"
      />
    </aside>
    <p class="sr-only" aria-live="polite" role="status">{{ heard }}</p>
    <template v-if="asked">
      <LazyMoreSheet
        v-model:open="more"
        :store="store"
        :over="Boolean(result)"
        :opening="Boolean(view.Opening) && tape.table.source === 'table'"
        @ruling="sheet = 'ruling'"
        @share="sheet = 'share'"
        @help="sheet = 'help'"
        @finish="sheet = 'finish'"
        @agreed="sheet = 'agreed'"
        @names="sheet = 'names'"
        @relay="sheet = 'relay'"
        @helpers="sheet = 'helpers'"
        @look="lookBack"
      />
      <LazyShortcutSheet v-model:open="help" :shortcuts="desk.padKeys.value" />
      <LazyRulingSheet v-model:open="ruling" :tape="tape" :seats="seats" @record="store.record" />
      <LazyShareBoard v-if="store.match" v-model:open="share" :match="id" :token="store.match.board" />
      <LazyFinishSheet v-model:open="finish" :tape="tape" :seats="seats" @finish="end" />
      <LazyAgreedSheet v-model:open="agreed" :tape="tape" />
      <LazyLeaveSheet v-model:open="leaving" :paused="() => store.setClock('later')" @go="goAfter" />
      <LazyHelperSheet v-model:open="helpers" :match="id" />
      <LazyNamesSheet v-model:open="names" :store="store" />
      <LazyRelaySheet v-model:open="relay" :tape="tape" :seats="seats" :view="view" @relay="reopen" />
    </template>
  </div>
</template>

<style scoped>
.desk {
  height: 100dvh;
  display: grid;
  gap: 0.5rem 0.9rem;
  padding: 0.5rem 0.8rem;
  max-width: 110rem;
  margin: 0 auto;
  grid-template-columns: minmax(0, 1fr) clamp(17rem, 27vw, 24rem);
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  grid-template-areas: 'bar bar' 'seats side' 'stage side' 'dock side';
}
.bar {
  grid-area: bar;
  display: flex;
  align-items: center;
  gap: 0.3rem 1rem;
  min-width: 0;
}
.bar h1 {
  flex: 0 1 auto;
  min-width: 4rem;
  font-size: 1.45rem;
  font-weight: 700;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.others {
  flex: 1 100 0;
}
.helper {
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  white-space: nowrap;
  font-weight: 600;
  color: var(--accent);
}
.home {
  flex-shrink: 0;
}
.round {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
  color: var(--ink-soft);
}
.table-name {
  margin-left: 0.7rem;
  padding: 0.05rem 0.7rem;
  font-size: 1.05rem;
  border: 2px solid var(--accent);
  border-radius: 0.2rem 0.9rem 0.9rem 0.2rem;
  color: var(--accent);
}
.acts {
  display: flex;
  gap: 0.35rem;
  margin-left: auto;
  flex-shrink: 0;
}
.seats {
  grid-area: seats;
}
.tabs {
  display: none;
}
.stage {
  grid-area: stage;
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
  min-height: 0;
}
.scrolls {
  overflow-y: auto;
  min-height: 0;
}
.reveal {
  position: absolute;
  inset: auto 0 0;
}
.dock {
  grid-area: dock;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 0.4rem;
}
.rests {
  flex-direction: row;
  align-items: center;
  padding: 0.8rem;
  border: 2px dashed var(--call);
  border-radius: 0.6rem;
}
.strip {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 3rem;
  font-weight: 600;
}
.side {
  grid-area: side;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  min-height: 0;
}
.side-tape {
  flex: 1 1 0;
  min-height: 8rem;
}
.side-eye {
  flex: 0 1 auto;
  max-height: 55%;
  overflow-y: auto;
}
/* A second touch right after recording is no play: for a moment nothing under the finger takes one. */
.settling .stage,
.settling .dock,
.settling .acts {
  pointer-events: none;
}
/* Tall and narrow: tape and eye lie below. */
@media (max-width: 59.99rem) and (min-height: 56rem) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto minmax(0, 1fr) auto minmax(9rem, 22dvh);
    grid-template-areas: 'bar' 'seats' 'stage' 'dock' 'side';
  }
  .side {
    flex-direction: row;
  }
  .side-tape,
  .side-eye {
    flex: 1 1 50%;
    max-height: none;
    min-height: 0;
  }
}
/* Small: the tape and the eye are a touch away, in the table's place. */
@media (max-width: 59.99rem) and (max-height: 55.99rem) {
  .desk {
    padding: 0.3rem 0.4rem;
    gap: 0.3rem;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto auto minmax(0, 1fr) auto;
    grid-template-areas: 'bar' 'seats' 'tabs' 'stage' 'dock';
  }
  .tabs {
    grid-area: tabs;
    display: flex;
    gap: 0.3rem;
  }
  .tabs > .key {
    flex: 1 1 0;
    min-height: 2.75rem;
  }
  .side {
    grid-area: stage;
  }
  .desk[data-tab='table'] .side,
  .desk[data-tab='tape'] .side-eye,
  .desk[data-tab='eye'] .side-tape,
  .desk:not([data-tab='table']) .stage {
    visibility: hidden;
    pointer-events: none;
  }
  .desk[data-tab='eye'] .side-eye {
    max-height: none;
    order: -1;
  }
  .desk[data-tab='eye'] .side-tape {
    flex: 0 0 0;
    min-height: 0;
  }
  .bar {
    gap: 0.3rem 0.5rem;
  }
  .bar h1 {
    font-size: 1.1rem;
  }
  .acts .word {
    display: none;
  }
  /* The sign alone; what it says is still read out. */
  .helper {
    flex: 0 0 auto;
  }
  .helper .word {
    position: absolute;
    clip-path: inset(50%);
  }
  .acts .key {
    padding: 0 0.5rem;
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
}
@media (max-height: 34rem) {
  .desk {
    grid-template-rows: auto auto auto minmax(6rem, 1fr) auto;
  }
  .strip {
    min-height: 2.75rem;
  }
}
/* As low as a phone held sideways: tabs stand in the bar, and the quick line comes when it is asked for (/). */
@media (max-height: 34rem) and (max-width: 59.99rem) {
  .desk {
    grid-template-columns: minmax(0, 1fr) auto;
    grid-template-rows: auto auto minmax(5rem, 1fr) auto;
    grid-template-areas: 'bar tabs' 'seats seats' 'stage stage' 'dock dock';
  }
  .tabs > .key {
    padding: 0 0.6rem;
    white-space: nowrap;
  }
  .round,
  .table-name {
    display: none;
  }
  .dock :deep(.quick:not(:focus-within)) {
    position: absolute;
    opacity: 0;
    pointer-events: none;
  }
}
</style>
