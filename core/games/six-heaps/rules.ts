import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Judging, Seating } from '#core/contract/game'
import { linesThrough, sameLine, topAt, withCard, type Heaps, type Line, type Spot } from '#core/games/six-heaps/block'
import type { HeapCodes } from '#core/games/six-heaps/codes'
import { canHold, freed, giveWay, withGone, type Hand, type Known } from '#core/kit/hands'
import { cardsOf, packProblems, packRule, packSize, refuseCards, without } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { randomFor } from '#core/basics/random'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, refuseBelief, type GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

export const houseRules = z.object({
  target: z.int().min(1).max(500).default(14).meta({ label: 'Target', hint: 'What a straight line must make.' }),
  rows: z.int().min(1).max(6).default(2).meta({ label: 'Rows', hint: 'Heaps below one another.' }),
  columns: z.int().min(1).max(6).default(3).meta({ label: 'Columns', hint: 'Heaps beside one another.' }),
  hand: z.int().min(1).max(20).default(5).meta({ label: 'Cards in hand', hint: 'Drawn up again after each card.' }),
  pack: packRule({ low: 1, high: 10, copies: 4 }, 'Zeros make a line longer without changing its sum.'),
  counted: z
    .enum(['all', 'spotted'])
    .default('all')
    .meta({
      label: 'What scores',
      hint: 'Every line there is, or only those that the player names.',
      choices: { all: 'Every line', spotted: 'Lines named' },
      changeable: true,
    }),
  goal: z.int().min(1).max(500).nullable().default(null).meta({
    label: 'Goal',
    hint: 'Whoever has so many points wins.',
    none: 'Until the cards are out',
    suggest: 10,
    changeable: true,
  }),
})
export type HeapRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Place extends Explained {
  readonly do: 'place'
  readonly by: number
  readonly card: number
  /** Row and column, from 1. */
  readonly at: Spot
  /** The lines that the player named: each a list of its places. */
  readonly spotted?: readonly Line[]
  /** The card drawn, if it was shown. */
  readonly drew?: number
}
export interface Pass extends Explained {
  readonly do: 'pass'
  readonly by: number
}
export type HeapPlay = Place | Pass

const spot = z.tuple([whole, whole])
export const playSchema: z.ZodType<HeapPlay> = z.discriminatedUnion('do', [
  playShape('place', {
    by: whole,
    card: whole,
    at: spot,
    spotted: listOf(listOf(spot)).optional(),
    drew: whole.optional(),
  }),
  playShape('pass', { by: whole }),
])

export interface HeapState extends Turns {
  /** Every heap by row and column, the bottom card first. */
  readonly heaps: Heaps
  readonly hands: readonly Hand[]
  readonly stock: number
  /** In a dealt match the stock’s cards, next first. */
  readonly order: readonly number[] | null
  readonly scores: readonly number[]
  /** Seats that have passed one after another. */
  readonly passes: number
  readonly newest: { readonly at: Spot; readonly lines: readonly Line[] } | null
}

/** Whether a line of this block can make the target at all. */
function isInReach({ target, rows, columns, pack }: HeapRules): boolean {
  const cards = cardsOf(pack)
  const longest = Math.min(Math.max(rows, columns), cards.length)
  for (let count = 2; count <= longest; count++) {
    const least = cards.slice(0, count).reduce((a, b) => a + b, 0)
    const most = cards.slice(-count).reduce((a, b) => a + b, 0)
    if (least <= target && target <= most) return true
  }
  return false
}

export function problems(rules: HeapRules, seats: number): readonly CommonProblem[] {
  if (!isInReach(rules)) return [problem('houseRules.target', 'target-out-of-reach', { target: rules.target })]
  return packProblems(seats * rules.hand, packSize(rules.pack))
}

export function open({ rows, columns, hand, pack }: HeapRules, seating: Seating): { state: HeapState } {
  const { seats, source, seed } = seating
  const dealt = source === 'dealt' ? randomFor(String(seed), 'hands').shuffled(cardsOf(pack)) : null
  const bare: readonly (readonly number[])[] = Array.from({ length: columns }, () => [])
  return {
    state: {
      ...openTurns(seating),
      heaps: Array.from({ length: rows }, () => bare),
      hands: Array.from({ length: seats }, (_, i) => ({
        size: hand,
        known: dealt ? dealt.slice(i * hand, (i + 1) * hand) : [],
      })),
      stock: packSize(pack) - seats * hand,
      order: dealt ? dealt.slice(seats * hand) : null,
      scores: everySeat(seats, 0),
      passes: 0,
      newest: null,
    },
  }
}

/** Every card that lies on a heap, covered ones too. */
export function lyingIn({ heaps }: Pick<HeapState, 'heaps'>): number[] {
  const cards: number[] = []
  for (const row of heaps) for (const heap of row) for (const card of heap) cards.push(card)
  return cards
}

/** What is known of the hands. */
export const knownIn = (state: Pick<HeapState, 'heaps' | 'hands' | 'stock'>): Known => ({
  hands: state.hands,
  stock: state.stock,
  laid: lyingIn(state),
})

export function judge(
  rules: HeapRules,
  state: HeapState,
  play: HeapPlay,
  { overrule }: Judging,
): GameVerdict<HeapState, HeapCodes> {
  return play.do === 'place' ? judgePlace(rules, state, play, overrule) : judgePass(rules, state, play.by)
}

function judgePlace(
  rules: HeapRules,
  state: HeapState,
  play: Place,
  overrule: boolean,
): GameVerdict<HeapState, HeapCodes> {
  const { by, card, at, drew } = play
  const { pack } = rules
  if (drew !== undefined && state.stock === 0) return refuse('stock-empty', { by })
  const lying = lyingIn(state)
  const strange = refuseCards(pack, [], drew === undefined ? [card] : [card, drew], true)
  if (strange) return strange
  const badCard = refuseCards(pack, lying, [card], overrule)
  if (badCard) return badCard
  if (drew !== undefined) {
    const held = withGone(state.hands, by, card).flatMap(({ known }) => known)
    const badDraw = refuseCards(pack, [...lying, card, ...held], [drew], overrule)
    if (badDraw) return badDraw
  }
  const top = topAt(state.heaps, at)
  if (top === undefined) return refuse('no-such-heap', { at, rows: rules.rows, columns: rules.columns })
  if (top === card) return refuse('same-number', { card, at })
  const known = knownIn(state)
  let { hands } = state
  if (!canHold(pack, known, by, [card])) {
    if (!overrule) return refuseBelief('not-in-hand', { by, cards: [card] })
    hands = giveWay(pack, known, by, [card])
  }
  const heaps = withCard(state.heaps, at, card)
  const made = linesThrough(heaps, at, rules.target)
  const named = play.spotted ?? []
  const scored = rules.counted === 'all' ? made : made.filter((line) => named.some((other) => sameLine(line, other)))
  const next = drawn(rules, { ...state, heaps, hands: withGone(hands, by, card) }, by, drew)
  const points = ofSeat(state.scores, by) + scored.length
  const numbers = (lines: readonly Line[]) => lines.map((line) => line.map((spot) => topAt(heaps, spot)!))
  const notes: NoteOf<HeapCodes>[] = [{ code: 'placed', facts: { by, card, at, points: scored.length, total: points } }]
  if (rules.counted === 'spotted') {
    const overlooked = made.filter((line) => !scored.includes(line))
    const wrong = named.filter((line) => !made.some((other) => sameLine(line, other)))
    if (overlooked.length)
      notes.push({ code: 'overlooked', facts: { by, lines: numbers(overlooked) }, weight: 'noted' })
    if (wrong.length)
      notes.push({ code: 'no-line', facts: { by, count: wrong.length, target: rules.target }, weight: 'noted' })
  }
  return {
    stands: true,
    next: { ...next, scores: withSeat(state.scores, by, points), passes: 0, newest: { at, lines: scored } },
    working: numbers(scored).map(sumOf),
    notes,
    asks: { explanation: scored.length > 0 },
  }
}

/** The state after the hand was drawn up again and the turn passed. */
function drawn(rules: HeapRules, state: HeapState, by: number, drew: number | undefined): HeapState {
  if (state.stock === 0) return turnPassed(state)
  const seen = drew ?? state.order?.[0]
  const hands = drew === undefined ? state.hands : freed(rules.pack, knownIn(state), by, drew)
  const hand = ofSeat(hands, by)
  const order =
    state.order &&
    (drew !== undefined && state.order.includes(drew) ? without(state.order, drew) : state.order.slice(1))
  return turnPassed({
    ...state,
    hands: withSeat(hands, by, { size: hand.size + 1, known: seen === undefined ? hand.known : [...hand.known, seen] }),
    stock: state.stock - 1,
    order,
  })
}

const turnPassed = (state: HeapState): HeapState => ({
  ...state,
  ...passTurn(state, (seat) => ofSeat(state.hands, seat).size > 0),
})

/** The number that lies on top of every heap; null where a place is bare or they differ. */
export function oneNumber({ heaps }: Pick<HeapState, 'heaps'>): number | null {
  const first = heaps[0]?.[0]?.at(-1) ?? null
  for (const row of heaps) for (const heap of row) if (heap.at(-1) !== first) return null
  return first
}

/** The number that a seat’s whole hand must be so that it may pass; null where it can place a card in any case. */
export function mayPass({ pack }: Pick<HeapRules, 'pack'>, state: HeapState, seat: number): number | null {
  const number = oneNumber(state)
  if (number === null) return null
  const all = Array.from({ length: ofSeat(state.hands, seat).size }, () => number)
  return canHold(pack, knownIn(state), seat, all) ? number : null
}

function judgePass(rules: HeapRules, state: HeapState, by: number): GameVerdict<HeapState, HeapCodes> {
  const number = mayPass(rules, state, by)
  if (number === null) return refuse('can-still-place', { by, number: oneNumber(state) })
  // A pass shows the whole hand.
  const { size } = ofSeat(state.hands, by)
  const hands = withSeat(state.hands, by, { size, known: Array.from({ length: size }, () => number) })
  return {
    stands: true,
    next: turnPassed({ ...state, hands, passes: state.passes + 1 }),
    working: [],
    notes: [{ code: 'passed', facts: { by, number } }],
  }
}

export function awaits(rules: HeapRules, state: HeapState): Awaits {
  return { seats: [state.turn], plays: mayPass(rules, state, state.turn) === null ? ['place'] : ['place', 'pass'] }
}

export const lead = (_rules: HeapRules, { scores }: HeapState): End => leadOf(scores)

export function end(rules: HeapRules, state: HeapState): End | null {
  const playing = state.hands.filter(({ size }) => size > 0).length
  if (rules.goal !== null && state.scores.some((score) => score >= rules.goal!))
    return leadOf(state.scores, 'goal-reached')
  if (playing === 0) return leadOf(state.scores, 'cards-out')
  return state.passes >= playing ? leadOf(state.scores, 'all-passed') : null
}

export function award(_rules: HeapRules, state: HeapState, seat: number, points: number): HeapState {
  return { ...state, scores: awarded(state.scores, seat, points) }
}
