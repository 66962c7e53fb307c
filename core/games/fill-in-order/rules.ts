import { lastOf } from '#core/basics/lists'
import * as z from 'zod'
import { deckFor, faceOf, LETTERS, type Face, type Played } from '#core/games/fill-in-order/cards'
import type { Facts, NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Judging, Progress, Seating } from '#core/contract/game'
import type { FillCodes } from '#core/games/fill-in-order/codes'
import { deckSize, packProblems, refuseShown } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { randomFor } from '#core/basics/random'
import { everySeat, ofSeat, seatAfter, withSeat } from '#core/kit/seats'
import { leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { problem, type CommonProblem } from '#core/contract/problem'
import type { GameVerdict } from '#core/contract/verdict'
import { refuse } from '#core/contract/verdict'

export const houseRules = z.object({
  slots: z.int().min(1).max(10).default(10).meta({ label: 'Places', hint: 'How many each fills.' }),
  rounds: z
    .union([z.int().min(1).max(50), z.literal('to-one')])
    .default(3)
    .meta({
      label: 'Rounds',
      hint: 'Most rounds won; or on to a round won with one place, which is long.',
      choices: { 'to-one': 'Down to one place' },
      suggest: 3,
      changeable: true,
    }),
  fewer: z
    .boolean()
    .default(true)
    .meta({ label: 'Winner gets fewer', hint: 'A round’s winner plays the next with one place fewer.' }),
  packs: z
    .literal([1, 2])
    .default(1)
    .meta({
      label: 'Packs',
      hint: 'Two for four players: with one, most cards lie hidden and rounds lock up.',
      choices: { 1: 'One', 2: 'Two' },
    }),
  wild: z
    .enum(['none', 'K', 'J'])
    .default('none')
    .meta({
      label: 'Wild',
      hint: 'Fits any open place, and stays there.',
      choices: { none: 'None', K: 'Kings', J: 'Jacks' },
    }),
  pictures: z.boolean().default(true).meta({
    label: 'Pictures',
    hint: 'Jacks, queens and kings; without them a turn ends with the first card that has no place.',
  }),
})
export type FillRules = CommonRules & Readonly<z.output<typeof houseRules>>

export const defaults = (_named: unknown, seats: number) => (seats >= 4 ? { packs: 2 } : {})

export interface Turn extends Explained {
  readonly do: 'turn'
  readonly by: number
  readonly from: 'stock' | 'discard'
  /** Every card as it came up; the last is the first that could not go, or the one that filled the last place. */
  readonly cards: readonly Played[]
}

const played = z.union([whole, z.enum(LETTERS), z.strictObject({ wild: z.enum(['K', 'J']), slot: whole })])
export const playSchema: z.ZodType<Turn> = z.discriminatedUnion('do', [
  playShape('turn', { by: whole, from: z.enum(['stock', 'discard']), cards: listOf(played).min(1) }),
])

/** Turns go round the table within a deal; `first` is who began this deal, `round` the lap. */
export interface FillState extends Turns {
  /** By seat and place: the card that lies open there, null while it is hidden. */
  readonly layouts: readonly (readonly (Face | null)[])[]
  /** Discards since the deal or the last shuffle, the top last. */
  readonly discards: readonly Face[]
  readonly stock: number
  /** Somebody has put a card since the deal or the last shuffle. */
  readonly placed: boolean
  /** Somebody has acted in this deal. */
  readonly begun: boolean
  readonly won: readonly number[]
  /** Who won a round with one place while that was what is played to. */
  readonly toOne: number | null
  readonly newest: { readonly by: number; readonly slots: readonly number[] } | null
  /** In a dealt match: what lies hidden by seat and place, the stock (next first), and what shuffles are drawn from. */
  readonly dealt: {
    readonly hidden: readonly (readonly Face[])[]
    readonly order: readonly Face[]
    readonly seed: string
    readonly shuffles: number
  } | null
}

export function problems(rules: FillRules, seats: number): readonly CommonProblem[] {
  // One card at least is left to draw.
  const small = packProblems(seats * rules.slots + 1, deckSize(deckFor(rules)), 'slots')
  if (rules.pictures || rules.wild === 'none') return small
  return [...small, problem('houseRules.wild', 'wild-not-in-pack', { wild: rules.wild })]
}

/** A round won with one place is what decided an end that was played on from: it decides nothing later. */
export const ruled = ({ rounds }: FillRules, state: FillState): FillState =>
  rounds !== 'to-one' && state.toOne !== null ? { ...state, toOne: null } : state

/** Wilds: one that is bare, or of a kind that is none here. */
export function misshapen({ wild }: FillRules, { cards }: Turn): Facts | null {
  const bad = cards.some((card) => (typeof card === 'object' ? card.wild !== wild : card === wild))
  return bad ? { field: 'cards' } : null
}

/** A new deal: `slots` by seat, `first` begins. */
function laidOut(
  rules: FillRules,
  slots: readonly number[],
  first: number,
  dealt: { seed: string; shuffles: number } | null,
) {
  const deck = deckFor(rules)
  const hiddenAll = slots.reduce((a, b) => a + b, 0)
  const all =
    dealt &&
    randomFor(dealt.seed, 'deal', dealt.shuffles).shuffled(
      deck.faces.flatMap((face) => Array.from({ length: deck.copiesOf(face) }, () => face)),
    )
  let at = 0
  return {
    ...openTurns({ seats: slots.length, first }),
    layouts: slots.map((count): readonly (Face | null)[] => Array.from({ length: count }, () => null)),
    discards: [] as readonly Face[],
    stock: deckSize(deck) - hiddenAll,
    placed: false,
    begun: false,
    dealt: dealt &&
      all && {
        hidden: slots.map((count) => all.slice(at, (at += count))),
        order: all.slice(hiddenAll),
        seed: dealt.seed,
        shuffles: dealt.shuffles + 1,
      },
  }
}

export function open(rules: FillRules, seating: Seating): { state: FillState } {
  const dealt = seating.source === 'dealt' ? { seed: String(seating.seed), shuffles: 0 } : null
  const laid = laidOut(rules, everySeat(seating.seats, rules.slots), seating.first, dealt)
  return { state: { ...laid, won: everySeat(seating.seats, 0), toOne: null, newest: null } }
}

/** Whether a card may go to an open place of a layout: the place, or null. A wild goes where it says. */
export function slotFor(layout: readonly (Face | null)[], card: Played): number | null {
  const slot = typeof card === 'object' ? card.slot : card
  return typeof slot === 'number' && layout[slot - 1] === null ? slot : null
}

/** The places of a layout that are still hidden. */
export const openSlots = (layout: readonly (Face | null)[]): number[] =>
  layout.flatMap((card, i) => (card === null ? [i + 1] : []))

/** Discards and stock once a card can be drawn: an empty stock takes all discards but the top one. Never is nothing left: what lies hidden stays as much. */
export function readyToDraw(state: FillState): FillState {
  if (state.stock > 0) return state
  const { discards, dealt } = state
  const back = discards.slice(0, -1)
  return {
    ...state,
    discards: discards.slice(-1),
    stock: back.length,
    placed: false,
    dealt: dealt && {
      ...dealt,
      order: randomFor(dealt.seed, 'shuffle', dealt.shuffles).shuffled(back),
      shuffles: dealt.shuffles + 1,
    },
  }
}

/** Every card that lies open: in the layouts and among the discards. */
export function lyingIn({ layouts, discards }: Pick<FillState, 'layouts' | 'discards'>): Face[] {
  const lying: Face[] = []
  for (const layout of layouts) for (const card of layout) if (card !== null) lying.push(card)
  for (const card of discards) lying.push(card)
  return lying
}

/** How a chain goes: which places it fills, and what is wrong with it. */
function walk(layout: readonly (Face | null)[], cards: readonly Played[]) {
  const now = [...layout]
  const slots: number[] = []
  for (const [i, card] of cards.entries()) {
    const last = i === cards.length - 1
    if (!now.includes(null))
      return { wrong: refuse('could-not-go-there', { card: faceOf(card), at: i + 1, why: 'full' }) }
    const slot = slotFor(now, card)
    if (slot === null) {
      const wild = typeof card === 'object'
      if (wild || !last)
        return {
          wrong: refuse('could-not-go-there', {
            card: faceOf(card),
            at: i + 1,
            why: wild ? 'slot' : 'no-slot',
            slot: wild ? card.slot : null,
            open: openSlots(now),
          }),
        }
      return { layout: now, slots, discard: faceOf(card) }
    }
    now[slot - 1] = faceOf(card)
    slots.push(slot)
  }
  if (now.includes(null)) return { wrong: refuse('keeps-going', { card: faceOf(lastOf(cards)), slot: lastOf(slots) }) }
  return { layout: now, slots, discard: null }
}

/** Why the newest discard can't be taken, or isn't the card that was. */
function refuseDiscard(layout: readonly (Face | null)[], top: Face | undefined, card: Face | undefined) {
  if (top === undefined || slotFor(layout, top) === null)
    return refuse('discard-useless', { top: top ?? null, open: openSlots(layout) })
  return card === top ? null : refuse('discard-was', { top, card: card! })
}

export function judge(
  rules: FillRules,
  before: FillState,
  { by, from, cards }: Turn,
  { overrule }: Judging,
): GameVerdict<FillState, FillCodes> {
  const state = from === 'stock' ? readyToDraw(before) : before
  const top = state.discards.at(-1)
  const faces = cards.map(faceOf)
  // The discard that is taken lies there already: it is not counted twice.
  const taken = from === 'discard' && top !== undefined && faces[0] === top
  const lying = taken ? lyingIn({ layouts: state.layouts, discards: state.discards.slice(0, -1) }) : lyingIn(state)
  const badCard = refuseShown(deckFor(rules), lying, faces, overrule)
  if (badCard) return badCard
  const mine = ofSeat(state.layouts, by)
  const badDiscard = from === 'discard' ? refuseDiscard(mine, top, faces[0]) : null
  if (badDiscard) return badDiscard
  const chain = walk(mine, cards)
  if (chain.wrong) return chain.wrong
  const { layout, slots, discard } = chain
  const kept = from === 'discard' ? state.discards.slice(0, -1) : state.discards
  const { dealt } = state
  const next: FillState = {
    ...state,
    ...passTurn(state),
    layouts: withSeat(state.layouts, by, layout),
    discards: discard === null ? kept : [...kept, discard],
    stock: from === 'stock' ? state.stock - 1 : state.stock,
    placed: state.placed || slots.length > 0,
    begun: true,
    newest: { by, slots },
    dealt: dealt && from === 'stock' ? { ...dealt, order: dealt.order.slice(1) } : dealt,
  }
  const notes: NoteOf<FillCodes>[] = []
  // Only an empty stock is shuffled anew before it is drawn from.
  if (state !== before) notes.push({ code: 'shuffled', facts: { cards: state.stock } })
  if (discard === null) return won(rules, state, next, by, notes)
  notes.push({ code: 'placed', facts: { by, placed: slots.length, left: openSlots(layout).length, discard } })
  const nextUp = next.turn
  if (slotFor(ofSeat(next.layouts, nextUp), discard) !== null)
    notes.push({ code: 'discard-helps', facts: { by: nextUp, card: discard } })
  if (next.stock > 0 || next.placed) return { stands: true, next, working: [], notes }
  // Nobody could put a card since the cards were dealt or shuffled: the deal is nobody’s, and is dealt again.
  const again = laidOut(
    rules,
    state.layouts.map((each) => each.length),
    state.first,
    dealt,
  )
  return {
    stands: true,
    next: { ...next, ...again, newest: null },
    working: [],
    notes: [...notes, { code: 'nobody', facts: { first: state.first } }],
  }
}

/** The last place is filled: the round is won, and the next is dealt. */
function won(
  rules: FillRules,
  before: FillState,
  next: FillState,
  by: number,
  notes: readonly NoteOf<FillCodes>[],
): GameVerdict<FillState, FillCodes> {
  const slots = before.layouts.map((layout) => layout.length)
  const had = ofSeat(slots, by)
  const toOne = rules.rounds === 'to-one'
  const fewer = rules.fewer || toOne
  const now = fewer ? withSeat(slots, by, Math.max(1, had - 1)) : slots
  const scores = withSeat(before.won, by, ofSeat(before.won, by) + 1)
  const laid = laidOut(rules, now, seatAfter(by, before.seats), next.dealt)
  return {
    stands: true,
    next: { ...next, ...laid, won: scores, toOne: toOne && had === 1 ? by : next.toOne, newest: null },
    working: [],
    notes: [
      ...notes,
      {
        code: 'round-won',
        facts: { by, rounds: ofSeat(scores, by), slots: ofSeat(now, by), fewer: fewer && had > 1, first: laid.first },
      },
    ],
  }
}

export function awaits(_rules: FillRules, state: FillState): Awaits {
  return { seats: [state.turn], plays: ['turn'] }
}

/** Rounds that somebody won. */
export const decided = ({ won: all }: Pick<FillState, 'won'>): number => all.reduce((a, b) => a + b, 0)

export const lead = (_rules: FillRules, state: FillState): End => leadOf(state.won, 'most-rounds')

export function end({ rounds }: FillRules, state: FillState): End | null {
  if (rounds === 'to-one') return state.toOne === null ? null : { winners: [state.toOne], why: 'down-to-one' }
  return decided(state) >= rounds ? leadOf(state.won, 'most-rounds') : null
}

/** Rounds are told, laps are not: but time ends it at the end of a lap. */
export function progress({ rounds }: FillRules, state: FillState): Progress {
  const of = rounds === 'to-one' ? null : rounds
  return {
    unit: of === null ? null : 'round',
    begun: decided(state) + (state.begun ? 1 : 0),
    of,
    fresh: !state.begun,
    between: state.fresh,
  }
}
