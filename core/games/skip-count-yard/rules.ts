import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import { handsOf, type YardRules } from '#core/games/skip-count-yard/houseRules'
import type { NoteOf } from '#core/contract/codes'
import type { Awaits, End, Judging, Timing, Seating } from '#core/contract/game'
import type { YardCodes } from '#core/games/skip-count-yard/codes'
import {
  atEach,
  cardsIn,
  deckOfSets,
  nextOn,
  POSITIONS,
  SIDES,
  isCorner,
  whyNot,
  type Position,
  type Run,
  type Yard,
} from '#core/games/skip-count-yard/yard'
import { canHold, freed, giveWay, withGone, type Hand, type Known } from '#core/kit/hands'
import { deckSize, packProblems, refuseShown, restOfDeck, without } from '#core/kit/pack'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { randomFor } from '#core/basics/random'
import { ofSeat, withSeat } from '#core/kit/seats'
import { total } from '#core/kit/dice'
import { inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, refuseBelief, type GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

export interface Draw extends Explained {
  readonly do: 'draw'
  readonly by: number
  /** The card, if it was shown. */
  readonly card?: number
}
export interface Add extends Explained {
  readonly do: 'add'
  readonly by: number
  readonly card: number
  readonly to: Position
}
export interface Move extends Explained {
  readonly do: 'move'
  readonly by: number
  readonly from: Position
  readonly to: Position
  /** Cards from the upper end; the whole run where left out. */
  readonly count?: number
}
export interface EndTurn extends Explained {
  readonly do: 'end'
  readonly by: number
}
export type YardPlay = Draw | Add | Move | EndTurn

const position = z.enum(POSITIONS)
export const playSchema: z.ZodType<YardPlay> = z.discriminatedUnion('do', [
  playShape('draw', { by: whole, card: whole.optional() }),
  playShape('add', { by: whole, card: whole, to: position }),
  playShape('move', { by: whole, from: position, to: position, count: whole.optional() }),
  playShape('end', { by: whole }),
])

/** The cards laid open on the four sides: north, east, south, west. */
export interface YardOpening {
  readonly sides: readonly number[]
}
export const openingSchema: z.ZodType<YardOpening> = z.strictObject({ sides: z.array(z.int()).length(4) })

export interface YardState extends Turns {
  readonly yard: Yard
  readonly hands: readonly Hand[]
  readonly stock: number
  /** In a dealt match the stock’s cards, next first. */
  readonly order: readonly number[] | null
  /** Whoever is on turn has drawn. */
  readonly drawn: boolean
  /** Somebody has added a card in this round. */
  readonly added: boolean
  /** Nobody added a card in the round that has just ended, and the stock was empty. */
  readonly still: boolean
  readonly newest: Position | null
  /** Who has no card left, in the order of going out. */
  readonly out: readonly number[]
}

export function problems({ sets, hand }: YardRules, seats: number): readonly CommonProblem[] {
  if (new Set(sets).size < sets.length)
    return [problem('houseRules.sets', 'bad-house-rule', { rule: 'sets', value: sets })]
  if (typeof hand !== 'number' && hand.length !== seats)
    return [problem('houseRules.hand', 'bad-house-rule', { rule: 'hand', value: hand })]
  return packProblems(total(handsOf({ hand }, seats)) + SIDES.length, deckSize(deckOfSets(sets)), 'hand')
}

export function open(
  { sets, hand }: YardRules,
  seating: Seating,
  { sides }: YardOpening,
): { state: YardState } | { problems: readonly CommonProblem[] } {
  const { seats, source, seed } = seating
  const deck = deckOfSets(sets)
  const wrong = refuseShown(deck, [], sides, false)
  if (wrong) return { problems: [problem('opening.sides', 'bad-opening', wrong.reason.facts)] }
  const rest = restOfDeck(deck, sides)
  const sizes = handsOf({ hand }, seats)
  const dealt = source === 'dealt' ? randomFor(String(seed), 'hands').shuffled(rest) : null
  // Corners are bare: there is no fifth card on the sides.
  const yard = atEach((_, i) => sides.slice(i, i + 1))
  return {
    state: {
      ...openTurns(seating),
      yard,
      hands: sizes.map((size, i) => {
        const before = total(sizes.slice(0, i))
        return { size, known: dealt ? dealt.slice(before, before + size) : [] }
      }),
      stock: rest.length - total(sizes),
      order: dealt ? dealt.slice(total(sizes)) : null,
      drawn: false,
      added: false,
      still: false,
      newest: null,
      out: [],
    },
  }
}

/** What is known of the hands. */
export const knownIn = (state: Pick<YardState, 'yard' | 'hands' | 'stock'>): Known => ({
  hands: state.hands,
  stock: state.stock,
  laid: cardsIn(state.yard),
})

export function timing(_rules: YardRules, state: YardState, play: YardPlay): Timing {
  if (play.do === 'draw' && (state.drawn || state.stock === 0)) return 'not-now'
  return inTurn(state, play)
}

export function judge(
  rules: YardRules,
  state: YardState,
  play: YardPlay,
  { overrule }: Judging,
): GameVerdict<YardState, YardCodes> {
  switch (play.do) {
    case 'draw':
      return judgeDraw(rules, state, play, overrule)
    case 'add':
      return judgeAdd(rules, state, play, overrule)
    case 'move':
      return judgeMove(rules, state, play)
    default:
      return judgeEnd(state, play.by)
  }
}

/** A draw is owed before anything else. */
const drawFirst = (state: YardState, by: number) =>
  !state.drawn && state.stock > 0 ? refuse('draw-first', { by }) : null

function judgeDraw(
  { sets }: YardRules,
  state: YardState,
  { by, card }: Draw,
  overrule: boolean,
): GameVerdict<YardState, YardCodes> {
  const deck = deckOfSets(sets)
  if (card !== undefined) {
    const bad = refuseShown(
      deck,
      [...cardsIn(state.yard), ...state.hands.flatMap(({ known }) => known)],
      [card],
      overrule,
    )
    if (bad) return bad
  }
  const seen = card ?? state.order?.[0]
  const hands = card === undefined ? state.hands : freed(deck, knownIn(state), by, card)
  const hand = ofSeat(hands, by)
  const order =
    state.order &&
    (card !== undefined && state.order.includes(card) ? without(state.order, card) : state.order.slice(1))
  const next: YardState = {
    ...state,
    hands: withSeat(hands, by, { size: hand.size + 1, known: seen === undefined ? hand.known : [...hand.known, seen] }),
    stock: state.stock - 1,
    order,
    drawn: true,
    fresh: false,
    still: false,
  }
  return {
    stands: true,
    next,
    working: [],
    notes: [{ code: 'drew', facts: { by, card: card ?? null, stock: next.stock } }],
  }
}

/** The refusal of cards at a place, with what would be next there; onto itself (`from`) nothing ever continues. */
function refuseAt({ sets }: YardRules, yard: Yard, to: Position, cards: Run, from?: Position) {
  const itself = from === to
  const why = itself ? 'not-next' : whyNot(sets, yard[to], to, cards)
  if (!why) return null
  const run = yard[to]
  const next = nextOn(sets, run, isCorner(to))
  return refuse(why, { to, card: itemAt(cards, 0), cards, run, next, sets, ...(itself && { itself }) })
}

function judgeAdd(
  rules: YardRules,
  state: YardState,
  { by, card, to }: Add,
  overrule: boolean,
): GameVerdict<YardState, YardCodes> {
  const deck = deckOfSets(rules.sets)
  const bad =
    refuseShown(deck, cardsIn(state.yard), [card], overrule) ??
    drawFirst(state, by) ??
    refuseAt(rules, state.yard, to, [card])
  if (bad) return bad
  const known = knownIn(state)
  let { hands } = state
  if (!canHold(deck, known, by, [card])) {
    if (!overrule) return refuseBelief('not-in-hand', { by, cards: [card] })
    hands = giveWay(deck, known, by, [card])
  }
  const run = state.yard[to]
  const after = withGone(hands, by, card)
  const next: YardState = {
    ...state,
    yard: { ...state.yard, [to]: [...run, card] },
    hands: after,
    out: ofSeat(after, by).size === 0 ? [...state.out, by] : state.out,
    added: true,
    fresh: false,
    still: false,
    newest: to,
  }
  const left = ofSeat(next.hands, by).size
  const top = run.at(-1)
  const notes: NoteOf<YardCodes>[] = [{ code: 'added', facts: { by, card, to, left } }]
  return {
    stands: true,
    next,
    working: top === undefined ? [] : [sumOf([top, card - top])],
    notes,
    asks: { explanation: true },
  }
}

function judgeMove(
  rules: YardRules,
  state: YardState,
  { by, from, to, count }: Move,
): GameVerdict<YardState, YardCodes> {
  const owed = drawFirst(state, by)
  if (owed) return owed
  const run = state.yard[from]
  if (!run.length) return refuse('place-empty', { from })
  const cards = count ?? run.length
  if (cards < 1 || cards > run.length || (rules.moves === 'whole' && cards !== run.length))
    return refuse('wrong-count', { from, count: cards, length: run.length, whole: rules.moves === 'whole' })
  const tail = run.slice(run.length - cards)
  const bad = refuseAt(rules, state.yard, to, tail, from)
  if (bad) return bad
  const yard = { ...state.yard, [from]: run.slice(0, run.length - cards), [to]: [...state.yard[to], ...tail] }
  const next: YardState = { ...state, yard, fresh: false, still: false, newest: to }
  return {
    stands: true,
    next,
    working: [],
    notes: [{ code: 'moved', facts: { by, from, to, cards: tail, bare: cards === run.length } }],
  }
}

function judgeEnd(state: YardState, by: number): GameVerdict<YardState, YardCodes> {
  const owed = drawFirst(state, by)
  if (owed) return owed
  // Whoever is out is passed over.
  const turns = passTurn(state, (seat) => !state.out.includes(seat))
  const over = turns.fresh
  const next: YardState = {
    ...state,
    ...turns,
    drawn: false,
    added: over ? false : state.added,
    still: over && !state.added && state.stock === 0,
    newest: null,
  }
  return {
    stands: true,
    next,
    working: [],
    notes: [{ code: 'ended', facts: { by, left: ofSeat(state.hands, by).size } }],
  }
}

export function awaits(_rules: YardRules, state: YardState): Awaits {
  return { seats: [state.turn], plays: !state.drawn && state.stock > 0 ? ['draw'] : ['add', 'move', 'end'] }
}

/** Cards in hand. */
export const standing = (_rules: YardRules, { hands }: YardState): readonly number[] => hands.map(({ size }) => size)

export function lead(rules: YardRules, state: YardState): End {
  const first = state.out[0]
  if (rules.finish === 'play-on' && first !== undefined) return { winners: [first], why: 'no-cards' }
  return leadOf(standing(rules, state), 'fewest-cards', 'fewest')
}

export function end(rules: YardRules, state: YardState): End | null {
  const { out, seats } = state
  const over = rules.finish === 'play-on' ? seats - out.length <= 1 : rules.finish === 'at-once' || state.fresh
  if (out.length && over)
    return rules.finish === 'play-on'
      ? lead(rules, state)
      : { winners: [...out].sort((a, b) => a - b), why: 'no-cards' }
  return state.still ? lead(rules, state) : null
}
