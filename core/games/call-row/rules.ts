import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import type { Awaits, End, Judging, Seating } from '#core/contract/game'
import type { RowCodes } from '#core/games/call-row/codes'
import { findSigns, signed, spoken, type PlusMinus } from '#core/kit/signing'
import { cardsOf, packRule, packSize, refuseCards, without } from '#core/kit/pack'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, seatsFrom, withSeat } from '#core/kit/seats'
import { awarded, leadOf } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { sumOf, type Equation } from '#core/contract/working'

export const houseRules = z.object({
  target: z.int().min(0).max(500).default(10).meta({ label: 'Target', hint: 'What the cards called must make.' }),
  pack: packRule({ low: 1, high: 10, copies: 4 }, 'Zeros may come along with any call.'),
  signs: z
    .enum(['add-subtract', 'add'])
    .default('add-subtract')
    .meta({
      label: 'Signs',
      hint: 'Whether cards may be taken away too.',
      choices: { 'add-subtract': 'Add and take away', add: 'Only add' },
    }),
  maxCards: z
    .int()
    .min(1)
    .max(20)
    .nullable()
    .default(null)
    .meta({ label: 'Cards in a call', hint: 'At most so many.', none: 'Any number', suggest: 3 }),
  steps: z.int().min(1).max(50).default(8).meta({ label: 'Steps', hint: 'Whoever climbs so many wins.' }),
  wrongCall: z
    .enum(['nothing', 'step-back', 'sit-out'])
    .default('nothing')
    .meta({
      label: 'A wrong call',
      hint: 'What it costs.',
      choices: { nothing: 'Nothing', 'step-back': 'A step back', 'sit-out': 'Sit out a card' },
      changeable: true,
    }),
})
export type RowRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Deal extends Explained {
  readonly do: 'deal'
  readonly card: number
}
export interface Call extends Explained {
  readonly do: 'call'
  readonly by: number
  readonly cards: readonly number[]
  readonly signs?: readonly PlusMinus[]
}
export type RowPlay = Deal | Call

export const playSchema: z.ZodType<RowPlay> = z.discriminatedUnion('do', [
  playShape('deal', { card: whole }),
  playShape('call', { by: whole, cards: listOf(whole).min(1), signs: listOf(z.enum(['+', '-'])).optional() }),
])

export interface RowState {
  readonly seats: number
  /** The cards that lie open, in the order in which they were dealt. */
  readonly row: readonly number[]
  /** Cards that went away since all were shuffled. */
  readonly away: readonly number[]
  readonly steps: readonly number[]
  /** Who may not call until another card is dealt. */
  readonly sitting: readonly number[]
  readonly newest: { readonly by: number; readonly terms: Equation['terms'] } | null
}

// Not as a literal: the build’s target knows none.
const ONE = BigInt(1)

/** Whether any call from the whole pack makes the target: one bit for every sum, shifted by each card. */
function isInReach({
  target,
  pack,
  signs,
  maxCards,
}: Pick<RowRules, 'target' | 'pack' | 'signs' | 'maxCards'>): boolean {
  if (pack.low <= target && target <= pack.high) return true
  const cards = cardsOf(pack)
  const offset = BigInt(cards.reduce((a, b) => a + b, 0))
  const most = maxCards === null ? null : Math.min(maxCards, cards.length)
  // By the number of cards used where that is bounded; else all in one.
  const sums: bigint[] = [ONE << offset, ...Array.from({ length: most ?? 1 }, () => BigInt(0))]
  const moved = (from: bigint, card: bigint) => (signs === 'add' ? from << card : (from << card) | (from >> card))
  for (const card of cards) {
    const by = BigInt(card)
    if (most === null) sums[1] = itemAt(sums, 1) | moved(itemAt(sums, 1) | itemAt(sums, 0), by)
    else for (let used = most; used >= 1; used--) sums[used] = itemAt(sums, used) | moved(itemAt(sums, used - 1), by)
  }
  const at = offset + BigInt(target)
  return sums.slice(1).some((bits) => ((bits >> at) & ONE) === ONE)
}

export function problems(rules: RowRules): readonly CommonProblem[] {
  return isInReach(rules) ? [] : [problem('houseRules.target', 'target-out-of-reach', { target: rules.target })]
}

export function open(_rules: RowRules, { seats }: Pick<Seating, 'seats'>): { state: RowState } {
  return { state: { seats, row: [], away: [], steps: everySeat(seats, 0), sitting: [], newest: null } }
}

export function judge(
  rules: RowRules,
  state: RowState,
  play: RowPlay,
  { overrule }: Judging,
): GameVerdict<RowState, RowCodes> {
  return play.do === 'deal' ? judgeDeal(rules, state, play, overrule) : judgeCall(rules, state, play)
}

/** What went away and counts still: nothing once it has been shuffled back, which the next card does when the pack is empty. */
export function awayNow(
  { pack }: Pick<RowRules, 'pack'>,
  { row, away }: Pick<RowState, 'row' | 'away'>,
): readonly number[] {
  return row.length + away.length >= packSize(pack) ? [] : away
}

function judgeDeal(
  rules: RowRules,
  state: RowState,
  { card }: Deal,
  overrule: boolean,
): GameVerdict<RowState, RowCodes> {
  const away = awayNow(rules, state)
  if (state.row.length + away.length >= packSize(rules.pack)) return refuse('stock-empty', { row: state.row.length })
  const badCard = refuseCards(rules.pack, [...state.row, ...away], [card], overrule)
  if (badCard) return badCard
  const next: RowState = { ...state, row: [...state.row, card], away, sitting: [] }
  const shuffled = away.length < state.away.length
  return {
    stands: true,
    next,
    working: [],
    notes: [{ code: shuffled ? 'shuffled-and-dealt' : 'dealt', facts: { card, row: next.row.length } }],
  }
}

function judgeCall(rules: RowRules, state: RowState, { by, cards, signs }: Call): GameVerdict<RowState, RowCodes> {
  const { target, maxCards } = rules
  const strange = refuseCards(rules.pack, [], cards, true)
  if (strange) return strange
  if (state.sitting.includes(by)) return refuse('sitting-out', { by })
  let left = state.row
  for (const card of cards) {
    if (!left.includes(card)) return refuse('not-in-row', { card, row: state.row })
    left = without(left, card)
  }
  if (maxCards !== null && cards.length > maxCards) return refuse('too-many-cards', { count: cards.length, maxCards })
  const found = signs ? signs : findSigns(cards, target, rules.signs === 'add-subtract')
  if (!found)
    return wrongCall(
      rules,
      state,
      by,
      refuse('wrong-total', { cards, target, sum: sumOf(cards).equals, signs: rules.signs }, [sumOf(cards)]),
    )
  if (signs && signs.length !== cards.length)
    return wrongCall(
      rules,
      state,
      by,
      refuse('signs-wrong', { why: 'count', count: signs.length, cards: cards.length }),
    )
  const terms = cards.map((value, i) => ({ sign: itemAt(found, i), value }))
  const working: Equation = {
    kind: 'equation',
    terms: signs ? terms : spoken(cards, found),
    equals: signed(cards, found),
  }
  if (signs && rules.signs === 'add' && signs.includes('-'))
    return wrongCall(rules, state, by, refuse('signs-wrong', { why: 'minus' }, [working]))
  if (working.equals !== target)
    return wrongCall(rules, state, by, refuse('signs-wrong', { why: 'sum', sum: working.equals, target }, [working]))
  const steps = withSeat(state.steps, by, ofSeat(state.steps, by) + 1)
  const next: RowState = {
    ...state,
    row: left,
    away: [...state.away, ...cards],
    steps,
    newest: { by, terms: working.terms },
  }
  return {
    stands: true,
    next,
    working: [working],
    notes: [{ code: 'climbs', facts: { by, step: ofSeat(steps, by), steps: rules.steps } }],
    asks: { explanation: true },
  }
}

/** What a wrong call costs under the house rules. */
function wrongCall(
  rules: RowRules,
  state: RowState,
  by: number,
  refusal: Extract<GameVerdict<RowState, RowCodes>, { stands: false }>,
): GameVerdict<RowState, RowCodes> {
  if (rules.wrongCall === 'step-back')
    return {
      ...refusal,
      next: { ...state, steps: withSeat(state.steps, by, Math.max(0, ofSeat(state.steps, by) - 1)) },
    }
  if (rules.wrongCall === 'sit-out') return { ...refusal, next: { ...state, sitting: [...state.sitting, by] } }
  return refusal
}

export function awaits(_rules: RowRules, { seats }: RowState): Awaits {
  return { seats: seatsFrom(1, seats), plays: ['deal', 'call'] }
}

export const lead = (_rules: RowRules, { steps }: RowState): End => leadOf(steps, 'most-steps')

export function end(rules: RowRules, state: RowState): End | null {
  return state.steps.some((steps) => steps >= rules.steps) ? leadOf(state.steps, 'top-reached') : null
}

export function award(_rules: RowRules, state: RowState, seat: number, points: number): RowState {
  return { ...state, steps: awarded(state.steps, seat, points) }
}
