<script setup lang="ts">
import type { Line } from '#core/tape'
import { newestToRedo, newestToStrike } from '#core/tape'
import { sayRound } from '#core/round'
import { sayEntry, sayResult, sayVerdict, speaking } from '#core/wording/index'
import { useGameView } from '~/games'
import type { Offer } from '~/composables/useDesk'

/** The referee's desk: players above, the table in the middle, the pad below, the tape down the side. */
const { id } = defineProps<{ id: string }>()

const store = useMatchStore(id)
const review = useReview(store)
const desk = useDesk(() => review.shown.value, commit)
const dealer = provideDealer(() => review.shown.value, desk.offer)
const voice = useVoice()
const quick = useTemplateRef('quick')
const sheet = ref<'more' | 'help' | 'ruling' | 'share' | 'finish' | null>(null)
const sheetOpen = (name: typeof sheet.value) => computed({ get: () => sheet.value === name, set: (open) => (sheet.value = open ? name : null) })
/** Sheets are loaded when the first of them is asked for. */
const asked = ref(false)
watch(sheet, () => (asked.value = true))
const [more, help, ruling, share, finish] = [sheetOpen('more'), sheetOpen('help'), sheetOpen('ruling'), sheetOpen('share'), sheetOpen('finish')]

const amending = review.amending
provideEntry(
  computed<unknown>({
    get: () => (amending.value === null ? store.half : review.half.value),
    set: (entry) => (amending.value === null ? (store.half = entry) : (review.half.value = entry)),
  }),
)

onMounted(() => void store.join())
onBeforeUnmount(() => store.leave())

const tape = computed(() => store.tape)
const shown = computed(() => review.shown.value)
const game = computed(() => tape.value?.table.game)
const view = useGameView(() => game.value?.id)
const seats = computed(() => store.match?.seats ?? [])
const result = computed(() => tape.value?.state.result ?? null)
const looking = computed(() => review.looking.value)
const entering = computed(() => amending.value !== null || (!looking.value && !result.value))
const undoable = computed(() => (tape.value ? newestToStrike(tape.value) : null))
const redoable = computed(() => (tape.value ? newestToRedo(tape.value) : null))
const round = computed(() => (shown.value ? sayRound(shown.value.table, shown.value.state) : ''))
const reveal = computed(() => (dealer.showing.value && shown.value ? (view.value?.reveal?.(dealer.showing.value, shown.value) ?? null) : null))
/** Where nothing is to be shown, what the dealer brought is handed over at once. */
watch([dealer.showing, reveal], () => dealer.showing.value && !reveal.value && dealer.done())

const idle = computed(() => {
  const line = shown.value?.lines.findLast(({ struck, entry }) => !struck && entry.kind !== 'strike')
  return shown.value && line ? sayVerdict(shown.value.table, line) : 'Enter what came up; the verdict appears here at once.'
})
const prompts = computed(() => {
  const now = tape.value
  if (!now || !game.value) return []
  const fresh = now.lines.findLast((line) => line.verdict.stands && line.play && line.after === now.state)
  return game.value.wording.prompts(now.state.rules as never, fresh?.verdict.notes ?? [])
})

/** Said to a screen reader, spoken and chimed where wished: each new verdict once. */
const heard = ref('')
watch(tape, (now, before) => {
  if (!now || !before || now.lines.length <= before.lines.length) return
  const line = now.lines.at(-1)!
  const { state, table } = now
  const next = state.result ? [] : table.game.awaits(state.rules, state.game).seats
  const turn = next.length === 1 && table.game.about.turns ? ` ${speaking(table.players).name(next[0]!)} is next.` : ''
  heard.value = state.result ? sayResult(table, state.result) : `${sayEntry(table, line)}. ${sayVerdict(table, line)}${turn}`
  voice.say(heard.value)
  voice.chime(state.result ? 'end' : line.verdict.stands ? 'stands' : 'refused')
})

function commit(offer: Offer) {
  if (amending.value === null) return store.record(offer)
  review.attempt({ amend: amending.value, ...offer })
}

function undo() {
  if (undoable.value) store.record({ strike: undoable.value.number })
}

function redo() {
  if (redoable.value) store.record({ strike: redoable.value.number })
}

/** The newest entry is taken back at once; what an older one brings with it is shown first. */
function strike(line: Line) {
  if (line.number === undoable.value?.number) undo()
  else review.attempt({ strike: line.number })
}

/** The pad begins with the play that is to be amended. */
watch(amending, () => {
  const play = amending.value === null ? null : review.line.value?.play
  desk.draft.value = null
  review.half.value = play && shown.value ? (view.value?.fill?.(play, shown.value) ?? null) : null
}, { flush: 'sync' })

function end(why: string) {
  sheet.value = null
  store.record(why ? { call: 'finish', why } : { call: 'finish' })
}

function lookBack() {
  sheet.value = null
  review.look(tape.value?.lines.length ?? 0)
}

function press(event: KeyboardEvent) {
  // The pad's keys come first; what it took is not the desk's.
  if (event.defaultPrevented || isTyping(event) || event.altKey || sheet.value) return
  const key = event.key.toLowerCase()
  if (review.at.value !== null && key === 'arrowleft') review.look(review.at.value - 1)
  else if (review.at.value !== null && key === 'arrowright') review.look(review.at.value + 1)
  else if (looking.value && key === 'escape') review.leave()
  else if (key === 'z' && !event.shiftKey) undo()
  else if (key === 'y' || (key === 'z' && event.shiftKey)) redo()
  else if (event.ctrlKey || event.metaKey) return
  else if (key === '/') quick.value?.focus()
  else if (key === '?') sheet.value = 'help'
  else if (key === 'l') lookBack()
  else if (key === 'm') sheet.value = 'more'
  else if (key === 'b') sheet.value = 'share'
  else if (key === 'r' && !result.value) sheet.value = 'ruling'
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <div v-if="store.missing" class="sheet p-8 max-w-xl mx-auto text-center space-y-4">
    <h1 class="text-2xl font-bold">No match here</h1>
    <p>{{ store.missing }}</p>
    <NuxtLink to="/" class="key">All matches</NuxtLink>
  </div>
  <div v-else-if="!tape || !shown || !game || !view" class="p-8 text-center" aria-busy="true">
    {{ store.online ? 'Setting the table …' : 'The server can’t be reached. Trying again …' }}
  </div>
  <div v-else class="grid gap-4 lg:grid-cols-[minmax(0,1fr)_21rem] xl:grid-cols-[minmax(0,1fr)_24rem]">
    <div class="space-y-3 min-w-0">
      <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h1 class="text-2xl font-bold">{{ game.about.title }}</h1>
        <p class="font-semibold text-(--ink-soft)">{{ round }}</p>
        <ClockFace :store="store" />
        <DeskStatus :store="store" />
        <div class="ml-auto flex gap-2">
          <button class="key" :disabled="!undoable" title="Take back the newest entry (Z)" @click="undo">
            <UIcon name="i-lucide-undo-2" class="size-5" /> Take back
          </button>
          <button class="key" :disabled="!redoable" aria-label="Bring back" title="Bring back what was taken back (Y)" @click="redo">
            <UIcon name="i-lucide-redo-2" class="size-5" />
          </button>
          <button class="key" aria-label="More" title="More (M)" @click="sheet = 'more'"><UIcon name="i-lucide-ellipsis" class="size-5" /></button>
        </div>
      </div>
      <PlayersRow :tape="shown" :seats="seats" />
      <ConflictPanel v-if="store.conflict" :store="store" />
      <CorrectionPanel v-if="review.pending.value.length && amending === null" :review="review" :tape="tape" :seats="seats" />
      <ReviewBar v-else-if="looking && amending === null" :review="review" :tape="tape" />
      <Announcement v-if="result && !looking" :store="store" :tape="tape" :seats="seats" :view="view" />
      <template v-else>
        <p v-if="amending !== null" class="sheet p-3 flex flex-wrap items-center gap-3 font-semibold" role="status">
          <UIcon name="i-lucide-pencil" class="size-5 text-(--call)" /> Amending entry {{ amending }}: the table is as it was then. Enter what really happened.
          <button class="key ml-auto" @click="review.stopAmending()">Leave it</button>
        </p>
        <component :is="view.Table" :key="amending ?? 'now'" :tape="shown" :seats="seats" :still="!entering" />
        <template v-if="entering">
          <DealReveal v-if="reveal" :reveal="reveal" @done="dealer.done()" />
          <template v-else>
            <LiveVerdict :judged="desk.judged.value" :says="desk.says.value" :idle="idle" />
            <OverruleKeys
              v-if="desk.judged.value && !desk.judged.value.verdict.stands"
              :overrulable="desk.overrulable.value"
              :keep="amending === null ? 'Keep as a slip' : 'Amend it so'"
              @slip="desk.record()"
              @overrule="desk.record($event)"
              @clear="desk.draft.value = null"
            />
            <component :is="view.Pad" :key="amending ?? 'now'" :tape="shown" :seats="seats" :desk="desk" />
            <QuickLine ref="quick" :tape="shown" :example="view.example" @record="desk.offer" @draft="desk.draft.value = $event" />
          </template>
        </template>
      </template>
      <component :is="view.Aid" v-if="view.Aid && !looking" :tape="tape" :seats="seats" />
      <TalkPrompts v-if="entering && amending === null" :prompts="prompts" />
      <TableSwitcher :current="id" />
    </div>
    <Tape :tape="tape" :seats="seats" :waiting="store.waiting.length" :at="review.at.value" class="lg:max-h-[calc(100dvh-6rem)] lg:sticky lg:top-4" @strike="strike" @amend="review.amend($event.number)" @look="review.look($event.number)" />
    <p class="sr-only" aria-live="polite" role="status">{{ heard }}</p>
    <template v-if="asked">
      <LazyMoreSheet v-model:open="more" :store="store" :over="Boolean(result)" @ruling="sheet = 'ruling'" @share="sheet = 'share'" @help="sheet = 'help'" @finish="sheet = 'finish'" @look="lookBack" />
      <LazyShortcutSheet v-model:open="help" :shortcuts="view.shortcuts" />
      <LazyRulingSheet v-model:open="ruling" :tape="tape" :seats="seats" @record="store.record" />
      <LazyShareBoard v-if="store.match" v-model:open="share" :match="id" :token="store.match.board" />
      <LazyFinishSheet v-model:open="finish" :tape="tape" :seats="seats" @finish="end" />
    </template>
  </div>
</template>
