import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { Facts } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Timing, Seating } from '#core/contract/game'
import { hasPartner } from '#core/games/ask-for-rest/partners'
import type { Hand } from '#core/kit/hands'
import { cardsOf, countOf, facesOf, packProblems, packRule } from '#core/kit/pack'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { randomFor } from '#core/basics/random'
import { everySeat, seatAfter } from '#core/kit/seats'
import { awardedBeside, inTurn, leadOf, openTurns, type Turns } from '#core/kit/turns'
export const houseRules = z.object({
  target: z
    .int()
    .min(0)
    .max(200)
    .default(10)
    .meta({ label: 'Target', hint: 'Two cards make a pair when they make this. Next after ten: 9, 11, 12.' }),
  pack: packRule({ low: 1, high: 9, copies: 4 }, 'Cards without a partner are taken out first.'),
  hand: z
    .int()
    .min(1)
    .max(20)
    .default(5)
    .meta({ label: 'Cards in hand', hint: 'How many are dealt, and drawn when a hand is empty.' }),
  again: z
    .enum(['never', 'on-success'])
    .default('never')
    .meta({
      label: 'Asking again',
      hint: 'Whether a granted question earns another.',
      choices: { never: 'One question a turn', 'on-success': 'Again when granted' },
      changeable: true,
    }),
})
export type AskRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Lay extends Explained {
  readonly do: 'lay'
  readonly by: number
  readonly cards: readonly [number, number]
}
export interface Ask extends Explained {
  readonly do: 'ask'
  readonly by: number
  readonly of: number
  readonly for: number
  readonly got: boolean
}
export interface Draw extends Explained {
  readonly do: 'draw'
  readonly by: number
  /** The card, if it was shown. */
  readonly card?: number
}
export interface Replace extends Explained {
  readonly do: 'replace'
  readonly by: number
  readonly card: number
}
export type AskPlay = Lay | Ask | Draw | Replace

export const playSchema: z.ZodType<AskPlay> = z.discriminatedUnion('do', [
  playShape('lay', { by: whole, cards: z.tuple([whole, whole]) }),
  playShape('ask', { by: whole, of: whole, for: whole, got: z.boolean() }),
  playShape('draw', { by: whole, card: whole.optional() }),
  playShape('replace', { by: whole, card: whole }),
])

export interface AskState extends Turns {
  /** Who owes a draw after a refusal. */
  readonly owed: number | null
  /** Who was refused when nothing was left to draw, until the next question. */
  readonly refused: number | null
  readonly hands: readonly Hand[]
  readonly stock: number
  /** Live cards that lie in pairs. */
  readonly laid: readonly number[]
  /** Cards without a partner that were put out. */
  readonly out: readonly number[]
  /** The pairs before each seat. */
  readonly piles: readonly (readonly (readonly [number, number])[])[]
  /** What each seat denied having, with no unseen draw since. */
  readonly denied: readonly (readonly number[])[]
  readonly awards: readonly number[]
  /** In a dealt match the stock's cards, next first. */
  readonly order: readonly number[] | null
}

/** The cards that can be paired: what is played with. */
export function liveCards({ pack, target }: Pick<AskRules, 'pack' | 'target'>): number[] {
  return cardsOf(pack).filter((card) => hasPartner(pack, target, card))
}

export function problems(rules: AskRules, seats: number): readonly CommonProblem[] {
  const live = liveCards(rules).length
  if (live === 0) return [problem('houseRules.target', 'target-out-of-reach', { target: rules.target })]
  return packProblems(seats * rules.hand, live)
}

export function open(rules: AskRules, seating: Seating): { state: AskState } {
  const { seats, source, seed } = seating
  const live = liveCards(rules)
  const dealt = source === 'dealt' ? randomFor(String(seed), 'hands').shuffled(live) : null
  const hands = Array.from({ length: seats }, (_, i) => ({
    size: rules.hand,
    known: dealt ? dealt.slice(i * rules.hand, (i + 1) * rules.hand) : [],
  }))
  const each = <T>(value: T) => everySeat(seats, value)
  return {
    state: {
      ...openTurns(seating),
      owed: null,
      refused: null,
      hands,
      stock: live.length - seats * rules.hand,
      laid: [],
      out: [],
      piles: each([]),
      denied: each([]),
      awards: each(0),
      order: dealt ? dealt.slice(seats * rules.hand) : null,
    },
  }
}

export function timing(_rules: AskRules, state: AskState, play: AskPlay): Timing {
  if (play.do === 'lay' || play.do === 'replace') return 'now'
  if (play.do === 'draw') {
    if (state.owed !== null) return inTurn({ turn: state.owed }, play)
    return play.by === state.refused ? 'now' : 'not-now'
  }
  return state.owed === null ? inTurn(state, play) : 'not-now'
}

/** A second question of whoever asked last is told by the rule. */
export function timingFacts({ again }: AskRules, state: AskState, play: AskPlay): Facts {
  return {
    second:
      again === 'never' &&
      play.do === 'ask' &&
      state.owed === null &&
      seatAfter(play.by, state.seats) === state.turn &&
      !state.fresh,
  }
}

export function awaits(_rules: AskRules, state: AskState): Awaits {
  return state.owed !== null ? { seats: [state.owed], plays: ['draw'] } : { seats: [state.turn], plays: ['ask', 'lay'] }
}

export function standing(_rules: AskRules, state: AskState): readonly number[] {
  return state.piles.map((pile, i) => Math.max(0, pile.length + itemAt(state.awards, i)))
}

export function lead(rules: AskRules, state: AskState): End {
  return leadOf(standing(rules, state), 'most-pairs')
}

/** Live cards of a face that do not lie yet, wherever they are. */
export function leftOf({ pack }: Pick<AskRules, 'pack'>, { laid }: Pick<AskState, 'laid'>, card: number): number {
  return Math.max(0, pack.copies - countOf(laid, card))
}

export function end(rules: AskRules, state: AskState): End | null {
  if (state.hands.every(({ size }) => size === 0) && state.stock === 0) return lead(rules, state)
  if (state.stock > 0) return null
  const pairLeft = facesOf(rules.pack).some((card) => {
    if (!hasPartner(rules.pack, rules.target, card)) return false
    const rest = rules.target - card
    return rest === card
      ? leftOf(rules, state, card) > 1
      : leftOf(rules, state, card) > 0 && leftOf(rules, state, rest) > 0
  })
  return pairLeft ? null : lead(rules, state)
}

export function award(rules: AskRules, state: AskState, seat: number, points: number): AskState {
  // Pairs are never lost in play, so a deduction stops at 0.
  return { ...state, awards: awardedBeside(state.awards, standing(rules, state), seat, points) }
}
