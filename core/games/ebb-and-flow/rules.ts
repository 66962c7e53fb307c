import * as z from 'zod'
import type { Facts, NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Seating } from '#core/contract/game'
import type { EbbCodes } from '#core/games/ebb-and-flow/codes'
import { deckSize, refuseShown, type Deck } from '#core/kit/pack'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import type { GameVerdict } from '#core/contract/verdict'
import { changed } from '#core/contract/working'

const COLOURS = ['warm', 'cool'] as const
export type Colour = (typeof COLOURS)[number]

/** Cards at most, wilds included. */
const MOST_CARDS = 200

export const houseRules = z.object({
  swing: z
    .enum(['parity', 'colour'])
    .default('parity')
    .meta({
      label: 'What adds',
      hint: 'Evens add and odds take away; or warm cards add and cool ones take away, half of each rank.',
      choices: { parity: 'Evens add, odds take', colour: 'Warm adds, cool takes' },
    }),
  start: z.int().min(-1000).max(1000).default(5).meta({ label: 'Start', hint: 'What everybody begins with.' }),
  ranks: z
    .array(z.int().min(0).max(100))
    .min(1)
    .max(30)
    .default([4, 5, 6, 7, 8, 9])
    .meta({ label: 'Ranks', hint: 'The numbers in the pack, each once.' }),
  copies: z.int().min(1).max(12).default(4).meta({ label: 'Of each', hint: 'How many cards of each number.' }),
  wilds: z
    .int()
    .min(0)
    .max(12)
    .default(4)
    .meta({ label: 'Wilds', hint: 'After a wild the same player turns again, and that card is added.' }),
  floor: z
    .int()
    .min(0)
    .max(0)
    .nullable()
    .default(0)
    .meta({ label: 'Floor', hint: 'Nobody falls below it.', none: 'Below zero too', suggest: 0 }),
  allowUnfair: z
    .boolean()
    .default(false)
    .meta({ label: 'Unfair pack', hint: 'Allow more cards that add than take away, or the other way round.' }),
  turns: z
    .int()
    .min(1)
    .max(100)
    .nullable()
    .default(null)
    .meta({ label: 'Turns', hint: 'How many each.', none: 'Until the pack ends', suggest: 8, changeable: true }),
})
export type EbbRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Flip extends Explained {
  readonly do: 'flip'
  readonly by: number
  readonly card: number | 'wild'
  /** Of a number card under `swing: colour`. */
  readonly colour?: Colour
  /** The running total, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<Flip> = z.discriminatedUnion('do', [
  playShape('flip', {
    by: whole,
    card: z.union([whole, z.literal('wild')]),
    colour: z.enum(COLOURS).optional(),
    said: whole.optional(),
  }),
])

/** A card as it is counted: a number, one with its colour, or a wild. */
export type EbbCard = number | string

/** A number card that was turned, and what it did. */
export interface Turned {
  readonly by: number
  readonly card: EbbCard
  /** It added; after a wild every card does. */
  readonly up: boolean
  readonly before: number
  readonly after: number
}

export interface EbbState extends Turns {
  readonly totals: readonly number[]
  /** Every card turned, wilds too. */
  readonly gone: readonly EbbCard[]
  /** A wild lies: the next card is added. */
  readonly wild: boolean
  /** The number card turned last. */
  readonly newest: Turned | null
}

export const cardOf = (card: number | 'wild', colour?: Colour): EbbCard =>
  colour === undefined ? card : `${colour} ${card}`

/** The number on a card; null for a wild. */
export function rankOf(card: EbbCard): number | null {
  return card === 'wild' ? null : typeof card === 'number' ? card : Number(card.slice(card.indexOf(' ') + 1))
}

/** Whether a number card adds by itself. */
export function adds(card: EbbCard): boolean {
  return typeof card === 'number' ? card % 2 === 0 : card.startsWith('warm')
}

const DECKS = new WeakMap<EbbRules, Deck<EbbCard>>()

/** The pack of these rules. */
export function deckFor(rules: EbbRules): Deck<EbbCard> {
  const known = DECKS.get(rules)
  if (known) return known
  const { swing, ranks, copies, wilds } = rules
  const numbers: EbbCard[] =
    swing === 'parity' ? [...ranks] : ranks.flatMap((rank) => COLOURS.map((colour) => cardOf(rank, colour)))
  const inPack = new Set(numbers)
  const each = swing === 'parity' ? copies : copies / 2
  const deck: Deck<EbbCard> = {
    faces: wilds ? [...numbers, 'wild'] : numbers,
    copiesOf: (card) => (card === 'wild' ? wilds : inPack.has(card) ? each : 0),
  }
  DECKS.set(rules, deck)
  return deck
}

/** How many cards add and how many take away, and what they come to together. */
export function tides(rules: EbbRules): { up: number; down: number; upTotal: number; downTotal: number } {
  const count = { up: 0, down: 0, upTotal: 0, downTotal: 0 }
  const deck = deckFor(rules)
  for (const card of deck.faces) {
    const rank = rankOf(card)
    if (rank === null) continue
    const copies = deck.copiesOf(card)
    if (adds(card)) {
      count.up += copies
      count.upTotal += copies * rank
    } else {
      count.down += copies
      count.downTotal += copies * rank
    }
  }
  return count
}

export const defaults = ({ swing }: Readonly<Record<string, unknown>>) => (swing === 'colour' ? { start: 10 } : {})

export function problems(rules: EbbRules, seats: number): readonly CommonProblem[] {
  const { swing, start, ranks, copies, wilds, floor, allowUnfair } = rules
  const found: CommonProblem[] = []
  if (floor !== null && start < floor)
    found.push(problem('houseRules.start', 'bad-house-rule', { rule: 'start', value: start, least: floor }))
  if (new Set(ranks).size < ranks.length)
    found.push(problem('houseRules.ranks', 'bad-house-rule', { rule: 'ranks', value: ranks }))
  if (ranks.length * copies + wilds > MOST_CARDS)
    found.push(problem('houseRules.copies', 'bad-house-rule', { rule: 'copies', value: copies }))
  const { up, down } = tides(rules)
  if (swing === 'colour' && copies % 2) found.push(problem('houseRules.copies', 'unfair-pack', { copies }))
  else if (up !== down && !allowUnfair) found.push(problem('houseRules.ranks', 'unfair-pack', { up, down }))
  if (ranks.length * copies < seats)
    found.push(problem('houseRules.ranks', 'pack-too-small', { dealt: seats, cards: ranks.length * copies }))
  return found
}

export function misshapen({ swing }: EbbRules, { card, colour }: Flip): Facts | null {
  return (colour !== undefined) === (swing === 'colour' && card !== 'wild') ? null : { field: 'colour' }
}

export function open({ start }: EbbRules, seating: Pick<Seating, 'seats' | 'first'>): { state: EbbState } {
  return {
    state: { ...openTurns(seating), totals: everySeat(seating.seats, start), gone: [], wild: false, newest: null },
  }
}

export const timing = (_rules: EbbRules, state: EbbState, play: Flip) => inTurn(state, play)

/** What a card makes of a total. */
export function flow(
  { floor }: Pick<EbbRules, 'floor'>,
  before: number,
  card: EbbCard,
  afterWild: boolean,
): { up: boolean; after: number; bare: number } {
  const up = afterWild || adds(card)
  const rank = rankOf(card)!
  const bare = up ? before + rank : before - rank
  return { up, bare, after: floor === null ? bare : Math.max(floor, bare) }
}

export function judge(
  rules: EbbRules,
  state: EbbState,
  { by, card: shown, colour }: Flip,
  overrule: boolean,
): GameVerdict<EbbState, EbbCodes> {
  const card = cardOf(shown, colour)
  const refusal = refuseShown(deckFor(rules), state.gone, [card], overrule)
  if (refusal) return refusal
  const gone = [...state.gone, card]
  if (card === 'wild') {
    const next: EbbState = { ...state, fresh: false, gone, wild: true }
    return { stands: true, next, working: [], notes: [{ code: state.wild ? 'wild-again' : 'wild', facts: { by } }] }
  }
  const before = ofSeat(state.totals, by)
  const { up, after, bare } = flow(rules, before, card, state.wild)
  const sum = changed(before, up ? '+' : '-', rankOf(card)!)
  const next: EbbState = {
    ...passTurn(state),
    totals: withSeat(state.totals, by, after),
    gone,
    wild: false,
    newest: { by, card, up, before, after },
  }
  const notes: NoteOf<EbbCodes>[] = [{ code: 'flowed', facts: { by, total: after, up, wild: state.wild } }]
  if (after !== bare) notes.push({ code: 'stays-afloat', facts: { by, floor: after } })
  return { stands: true, next, working: [sum], notes, asks: { answer: after, explanation: true } }
}

export function awaits(_rules: EbbRules, state: EbbState): Awaits {
  return { seats: [state.turn], plays: ['flip'] }
}

export function lead(_rules: EbbRules, state: EbbState): End {
  return leadOf(state.totals, 'highest-total')
}

/** Number cards that have not been turned. */
export function numbersLeft(rules: EbbRules, { gone }: Pick<EbbState, 'gone'>): number {
  return deckSize(deckFor(rules)) - rules.wilds - gone.filter((card) => card !== 'wild').length
}

export function end(rules: EbbRules, state: EbbState): End | null {
  if (!state.fresh) return null
  const over = numbersLeft(rules, state) < state.seats || (rules.turns !== null && state.round > rules.turns)
  return over ? lead(rules, state) : null
}
