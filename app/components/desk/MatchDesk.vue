<script setup lang="ts">
import { titleOf } from '#core/contract/game'
import type { Line } from '#core/kernel/tape'
import { useGameView } from '~/games'
import type { DeskTab } from '~/components/desk/DeskLayout.vue'
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
const { amending, looking } = review
const members = useMembers(
  store,
  () => review.shown.value,
  () => helping.value,
)
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
  members,
  // What is put right was played already.
  alone: () => store.match?.veiled === true && amending.value === null,
  showHelp: store.showHelp,
})
const { dealer, seats } = desk
const dock = useTemplateRef('dock')
const bar = useTemplateRef('bar')
const sheets = useSheets()
const { sheet, asked } = sheets
const leaving = useLeavingMatch(store, sheets, helping)
const { undoable, redoable, takenBack, undo, redo, strike } = useTakingBack(store, desk, review)
const tab = ref<DeskTab>('table')
const drawn = useLocalStorage('draw-verdict', false)

onMounted(() => void store.join())
// Only the result is to be entered: where nothing was played yet it is asked for.
const onPaper = useRoute().query.paper !== undefined
watch(
  () => store.tape !== null,
  (there) => there && onPaper && !store.tape?.lines.length && (sheet.value = 'paper'),
  { immediate: true },
)
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
const title = computed(() => (game.value && tape.value ? titleOf(game.value.about, tape.value.state.rules) : ''))
const view = useGameView(() => game.value?.id)
const result = computed(() => tape.value?.state.result ?? null)
const entering = computed(() => amending.value !== null || (!looking.value && !result.value && !store.clock.paused))
const { round, told, last, working, prompts } = useShownMoment(store, review, desk)
const reveal = computed(() => dealer.showing.value?.reveal ?? null)
const heard = useHeardVerdicts(tape, desk)

function commit(offer: Offer) {
  takenBack.value = null
  if (amending.value === null) return store.record({ ...offer, play: members.named(offer.play) })
  const named = { ...offer, play: members.named(offer.play, review.line.value?.play) }
  review.attempt({ amend: amending.value, ...named })
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

function lookBack() {
  sheet.value = null
  tab.value = 'table'
  review.look(tape.value?.lines.length ?? 0)
}
function reopen(opening: unknown) {
  sheet.value = null
  review.attempt({ amend: 0, opening })
}
const backToPad = () => dock.value?.focus()
watch(sheet, (now) => now === null && nextTick(backToPad))

useDeskKeys(
  {
    z: undo,
    y: redo,
    '/': () => dock.value?.focusLine(),
    '?': () => (sheet.value = 'help'),
    l: lookBack,
    m: () => (sheet.value = 'more'),
    b: () => (sheet.value = 'share'),
    v: () => (sheet.value = 'agreed'),
    // After an end by the rules a ruling may make the match go on.
    r: () => result.value?.ended === undefined && (sheet.value = 'ruling'),
  },
  review,
  () => sheet.value !== null,
  helping,
)
const small = useLittleRoom()
useHead({ title: () => `${store.match?.name || title.value || 'Match'} · Nimble Tally` })
</script>

<template>
  <div v-if="store.missing" class="sheet p-8 max-w-xl mx-auto mt-10 text-center space-y-4">
    <h1 class="text-2xl font-bold">No match here</h1>
    <p>{{ store.missing }}</p>
    <Key v-if="!helping" to="/">All matches</Key>
  </div>
  <div v-else-if="!tape || !shown || !game || !view" class="p-8 text-center" aria-busy="true">
    {{ store.online ? 'Setting the table …' : 'The server can’t be reached. Trying again …' }}
  </div>
  <DeskLayout v-else v-model:tab="tab" :entries="tape.lines.length">
    <template #top>
      <DeskBar
        :id="id"
        ref="bar"
        class="bar"
        :store="store"
        :title="title"
        :round="round"
        :undoable="undoable !== null"
        :redoable="redoable !== null"
        :more="sheet === 'more'"
        @undo="undo"
        @redo="redo"
        @sheet="sheet = $event"
      />
      <PlayersRow class="seats" :tape="shown" :seats="seats" :touchable="entering" :told="told" />
    </template>
    <template #stage>
      <LazyConflictPanel v-if="store.conflict" :store="store" />
      <LazyCorrectionPanel
        v-if="review.pending.value.length && amending === null"
        class="scrolls"
        :review="review"
        :tape="tape"
        :seats="seats"
      />
      <LazyAnnouncement
        v-else-if="result && !looking"
        class="scrolls"
        :store="store"
        :tape="tape"
        :seats="seats"
        :view="view"
      />
      <FitBox v-else class="grow" :least="small ? 0.88 : 0.78" :most="1.3" :moment="tape.lines.length">
        <component :is="view.Table" :key="amending ?? 'now'" />
      </FitBox>
      <LazyDealReveal v-if="reveal" class="reveal" :reveal="reveal" @done="dealer.done()" />
    </template>
    <template #dock>
      <LazyPausedStrip
        v-if="store.clock.paused && !result && !looking"
        class="dock"
        :at="store.clock.paused.at"
        @back="store.setClock('back')"
      />
      <DeskDock
        v-else-if="entering"
        ref="dock"
        class="dock"
        :shown="shown"
        :view="view"
        :last="last"
        :review="review"
        :taken-back="takenBack"
        :redoable="redoable !== null"
        @redo="redo"
        @strike="strike"
        @leave="leaveSo"
        @draw="((drawn = true), (tab = 'eye'))"
      />
      <LazyReviewBar v-else-if="looking && !review.pending.value.length" class="dock" :review="review" :tape="tape" />
    </template>
    <template #side>
      <Tape
        :tape="tape"
        :seats="seats"
        :waiting="store.waiting.length"
        :at="review.at.value"
        :still="helping"
        :memory="desk.veiled.value && game.about.finds.memory === true"
        class="side-tape"
        @strike="strike"
        @amend="review.amend($event.number)"
        @look="review.look($event.number)"
        @closed="backToPad"
      />
      <EyePanel
        v-model:drawn="drawn"
        class="side-eye"
        :store="store"
        :tape="tape"
        :seats="seats"
        :view="view"
        :prompts="prompts"
        :working="looking ? null : working"
      />
    </template>
    <p class="sr-only" aria-live="polite" role="status">{{ heard }}</p>
    <LazyDeskSheets
      v-if="asked"
      :id="id"
      :store="store"
      :sheets="sheets"
      :tape="tape"
      :view="view"
      :beside="bar?.moreKey"
      @look="lookBack"
      @reopen="reopen"
      @go="leaving.go"
    />
  </DeskLayout>
</template>

<style scoped>
.scrolls {
  position: relative;
  overflow-y: auto;
  min-height: 0;
}
.reveal {
  position: absolute;
  inset: auto 0 0;
}
</style>
