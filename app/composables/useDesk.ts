import type { InjectionKey, Ref } from 'vue'
import { givesNothingAway } from '#core/kernel/reasons'
import { dealFor } from '#core/kernel/dealer'
import type { Dealt, Reveal, Wish } from '#core/contract/game'
import { answeringOf, type Answering } from '#core/kernel/answering'
import type { ShownHelp } from '#core/mastery/ladder'
import { RUNGS, type Rung } from '#core/mastery/rungs'
import { HELP } from '#core/wording/ways'
import { keptBack } from '#core/kernel/keptBack'
import { awaits, judgePlay, takesTurns, type Judged } from '#core/kernel/match'
import type { BasePlay } from '#core/contract/plays'
import type { Tape } from '#core/kernel/tape'
import { sayNote, sayReason, speaking } from '#core/wording/index'
import type { Members } from '~/composables/useMembers'
import type { Seat } from '#shared/api'

/** A play on its way to the tape; `overrule` says why it is let stand. */
export interface Offer {
  readonly play: BasePlay
  readonly overrule?: string
}

/** What a desk is made for: a match as it is shown, who sits at it, and where plays go. */
export interface DeskParts {
  /** The match as it stands, or as it stood. */
  readonly tape: () => Tape | null
  readonly seats: () => readonly Seat[]
  /** Nothing can be touched: a look back. */
  readonly still: () => boolean
  /** What is half entered, shared by a game's table and pad; null when nothing is. */
  readonly entry: Ref<unknown>
  readonly commit: (offer: Offer) => void
  /** Puts a remark on the tape: a call that the referee made without its being a play. */
  readonly note: (why: string) => void
  /** Whoever is at this desk helps here and is not the referee: plays, and taking back the newest. */
  readonly helping: () => boolean
  /** Whose go it is where a seat is a side. */
  readonly members: Members
  /** The children play on their own at this table. */
  readonly alone: () => boolean
  /** Shows a drawing to work on on the second screen, or none. */
  readonly showHelp: (help: ShownHelp | null) => void
}

/** Milliseconds after recording in which a touch is the second one of a double tap, and no play. */
const SETTLE_MS = 350

/** A moment after recording in which a second touch in the same spot is none. */
function makeSettling(tape: () => Tape | null) {
  const settling = ref(false)
  const { start } = useTimeoutFn(() => (settling.value = false), SETTLE_MS, { immediate: false })
  /** Something was recorded under a finger. */
  function settle() {
    const now = tape()
    // In a race the next touch is somebody else's, and may come at once.
    if (now?.table.game.turns?.(now.state.rules) === false) return
    settling.value = true
    start()
  }
  return { settling, settle }
}

/** Whom a play is entered for. */
function makeTurn(tape: () => Tape | null) {
  /** Whom the referee enters for where it is not the one on turn. */
  const chosen = ref<number | null>(null)
  const turns = computed(() => {
    const now = tape()
    return now !== null && takesTurns(now.table, now.state)
  })
  /** The seats that may act now. */
  const next = computed(() => {
    const now = tape()
    return (now && awaits(now.table, now.state)?.seats) ?? []
  })
  /** The one touched, else the one on turn. */
  const seat = computed(() => chosen.value ?? next.value[0] ?? 1)
  watch(
    () => tape()?.state.played,
    () => (chosen.value = null),
  )
  return { chosen, turns, next, seat }
}

/**
 * Where children play on their own, nothing that is theirs to find is shown before they have given it: `veiled` until it
 * is lifted for the play in hand, which is recorded as help.
 */
function makeVeil({ tape, alone, still }: Pick<DeskParts, 'tape' | 'alone' | 'still'>) {
  const liftedAt = ref<number | null>(null)
  const lifted = computed(() => alone() && liftedAt.value !== null && liftedAt.value === tape()?.state.played)
  const veiled = computed(() => alone() && !lifted.value && !still() && !tape()?.state.result)
  function lift() {
    liftedAt.value = tape()?.state.played ?? null
  }
  /** How far somebody went up the ladder of help for the play in hand; null where nobody did. */
  const climbed = ref<{ readonly at: number; readonly rung: Rung } | null>(null)
  const rung = computed(() => (climbed.value && climbed.value.at === tape()?.state.played ? climbed.value.rung : null))
  function help(to: Rung) {
    const at = tape()?.state.played
    const higher = rung.value === null || RUNGS.indexOf(to) > RUNGS.indexOf(rung.value)
    if (at !== undefined && higher) climbed.value = { at, rung: to }
  }
  /** What help there was, in words; null where there was none. */
  const helped = computed(() => {
    if (lifted.value) return HELP.shown
    return rung.value ? HELP[rung.value] : null
  })
  /** Entries whose sum is still to be said. */
  const silent = computed<ReadonlySet<number>>(() => {
    const now = veiled.value ? tape() : null
    return now ? keptBack(now) : new Set()
  })
  return { veiled, lift, help, helped, silent }
}

/** The play being entered, and its live verdict. */
function makeDraft({ tape, helping }: Pick<DeskParts, 'tape' | 'helping'>, { veiled }: ReturnType<typeof makeVeil>) {
  const draft = shallowRef<BasePlay | null>(null)
  /** It was handed over, and did not stand or was not answered right: its verdict may be heard. */
  const given = ref(false)
  /** It was given otherwise than it is: a line taken for a match, a way taken for the end. */
  const missed = ref(false)
  const answering = computed<Answering>(() => {
    if (!draft.value) return 'not-asked'
    return missed.value ? 'wrong' : answeringOf(judged.value?.asks, draft.value)
  })
  /**
   * What is kept of the draft, for every part of the desk alike: all of it until it was given (`asked`); where it was not
   * right, whatever would tell how it is (`not-yet`). Null where it may be told.
   */
  const kept = computed<'asked' | 'not-yet' | null>(() => {
    const verdict = judged.value?.verdict
    if (!verdict || !veiled.value) return null
    if (!given.value) return 'asked'
    const told = verdict.reason ? givesNothingAway(verdict.reason.code) : answering.value !== 'wrong'
    return told ? null : 'not-yet'
  })
  const judged = computed<Judged | null>(() => {
    const now = tape()
    return now && draft.value ? judgePlay(now.table, now.state, draft.value) : null
  })

  /** The live verdict in words; null while nothing is being entered. */
  const says = computed(() => {
    const now = tape()
    if (!now || !judged.value) return null
    const say = speaking(now.table, now.state.rules)
    const { verdict } = judged.value
    if (verdict.reason) return sayReason(now.table.game, verdict.reason, say)
    return verdict.notes.map((note) => sayNote(now.table.game, note, say)).join(' ')
  })

  const overrulable = computed(() => judged.value?.verdict.reason?.belief === true && !helping())

  /** What is being entered now: the live verdict is about this. */
  function enter(play: BasePlay | null) {
    draft.value = play
    given.value = missed.value = false
  }
  /** What was given of this play is not so; the play itself may stand. */
  function miss(play: BasePlay) {
    draft.value = play
    given.value = missed.value = true
  }
  return { draft, judged, says, overrulable, enter, miss, given, missed, kept, answering }
}

type Drafting = ReturnType<typeof makeDraft>

/** Handing plays over, and what becomes of those that don't stand. */
function makeHandingOver(
  { tape, commit, note, helping }: DeskParts,
  { draft, judged, given, missed, answering }: Drafting,
  { veiled, helped }: ReturnType<typeof makeVeil>,
  settle: () => void,
) {
  /** What is half entered was entered here; what a reload, or taking back, brought back was not. */
  const byHand = ref(false)
  /** Entries that were made here: a second touch in the same spot is not meant for what comes after one. */
  let made = 0
  /** A refused play was kept as tried, or cleared: of whom. What lies there stays, what was decided on it is put away. */
  const putAway = shallowRef<{ readonly by: number | undefined } | null>(null)

  /** Hands over what is entered as it is, standing or not. */
  function record(overrule?: string) {
    const play = draft.value
    if (!play) return
    const refused = judged.value?.verdict.stands === false && overrule === undefined
    const told = helped.value ? { ...play, how: 'used-an-aid' as const } : play
    // How far it went stands before the play, so that its verdict stays the newest.
    if (helped.value && !helping()) note(helped.value)
    draft.value = null
    given.value = missed.value = false
    byHand.value = false
    made++
    settle()
    commit(overrule === undefined ? { play: told } : { play: told, overrule })
    if (refused) putAway.value = { by: play.by }
  }

  /** Hands over a play that stands; one that doesn't stays before the referee with its verdict. Says which. */
  function offer(play: BasePlay): boolean {
    const now = tape()
    if (!now) return false
    draft.value = play
    missed.value = false
    const { stands } = judgePlay(now.table, now.state, play).verdict
    // On their own the question comes first; and a wrong answer is looked at once more before it is recorded.
    const open = veiled.value && answering.value === 'missing'
    given.value = !open
    const goes = stands && !open && !(veiled.value && answering.value === 'wrong')
    if (goes) record()
    return goes
  }

  /**
   * Hands over a play that a pad makes by itself once an entry is whole. One that came back by itself is only looked at,
   * and loses its last part (`dropLast`) where it would stand: taking back records nothing anew.
   */
  function offerWhole(play: BasePlay, dropLast: () => void) {
    if (byHand.value) return void offer(play)
    draft.value = play
    if (!judged.value?.verdict.stands) return
    draft.value = null
    dropLast()
  }

  /** Puts a remark on the tape. */
  function noteDown(why: string) {
    made++
    note(why)
  }

  /** What doesn't stand is put aside; the pad keeps what really lies there. */
  function clear() {
    const by = draft.value?.by
    draft.value = null
    given.value = missed.value = false
    putAway.value = { by }
  }
  return { byHand, putAway, record, offer, offerWhole, note: noteDown, clear, made: () => made }
}

function makeDesk(parts: DeskParts) {
  const { tape, seats, still, entry, helping, members } = parts
  const settling = makeSettling(tape)
  const turn = makeTurn(tape)
  const veil = makeVeil(parts)
  const drafting = makeDraft(parts, veil)
  const handing = makeHandingOver(parts, drafting, veil, settling.settle)
  /** What was touched on the table, for the pad to take up; the pad sets it to null again. */
  const touched = shallowRef<unknown>(null)
  /** The pad's own keys, for the sheet of shortcuts. */
  const padKeys = shallowRef<readonly (readonly [string, string])[]>([])

  /** Touching a player's name enters for that player; once more, for the one on turn again. */
  function choose(touchedSeat: number) {
    turn.chosen.value = turn.chosen.value === touchedSeat ? null : touchedSeat
    drafting.enter(null)
  }

  /** What is worked on goes to the second screen, as long as nothing is recorded. */
  function showHelp(help: Omit<ShownHelp, 'after'> | null) {
    parts.showHelp(help && { ...help, after: tape()?.lines.length ?? 0 })
  }

  return {
    tape: computed(tape),
    seats: computed(seats),
    still: computed(still),
    helping: computed(helping),
    members,
    entry,
    touched,
    padKeys,
    choose,
    ...settling,
    alone: computed(parts.alone),
    showHelp,
    ...turn,
    ...veil,
    ...drafting,
    ...handing,
    dealer: makeDealer(tape, (play) => void handing.offer(play)),
  }
}

/** The simulated dealer at the desk: what it brings is shown unhurriedly, then handed over. */
function makeDealer(tape: () => Tape | null, offer: (play: BasePlay) => void) {
  /** What is being shown before it is handed over. */
  const showing = shallowRef<{ readonly play: BasePlay; readonly dealt: Dealt; readonly reveal: Reveal } | null>(null)
  const dealt = computed(() => tape()?.table.source === 'dealt')
  let then: (play: BasePlay, dealt: Dealt) => void = offer

  /**
   * Fulfils a wish; nothing happens while the last one is still being shown. What came is handed to `use`: recorded,
   * unless the player has still to decide something on it.
   */
  function deal(wish: Wish, use: (play: BasePlay, dealt: Dealt) => void = offer) {
    const now = tape()
    if (!now || showing.value) return
    const brought = dealFor(now.table, now.state, wish)
    if (!brought) return
    const play = { ...wish, ...brought.brings } as BasePlay
    if (!brought.shown) return use(play, brought)
    then = use
    showing.value = { play, dealt: brought, reveal: brought.shown }
  }

  /** The showing is over, or was skipped. */
  function done() {
    const shown = showing.value
    showing.value = null
    if (shown) then(shown.play, shown.dealt)
  }

  return { dealt, showing, deal, done }
}

export type Desk = ReturnType<typeof makeDesk>

const DESK: InjectionKey<Desk> = Symbol('desk')

/** Makes the desk of a match, for its table, pad and everything around. */
export function provideDesk(parts: DeskParts): Desk {
  const desk = makeDesk(parts)
  provide(DESK, desk)
  return desk
}

/** The desk that this component belongs to. */
export function useDesk(): Desk {
  return inject(DESK)!
}

/** What a pad does once a refused play of its was kept as tried, or cleared: the decision is put away, what lies there stays. */
export function usePutAway(putAway: (by: number | undefined) => void): void {
  const desk = useDesk()
  watch(desk.putAway, (now) => now && putAway(now.by))
}
