import { itemAt, lastOf } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { refuseDiceCount, refuseFaces, refuseSpin, total } from '#core/kit/dice'
import type { Awaits, End, Seating } from '#core/contract/game'
import type { StopsCodes } from '#core/games/hundred-stops/codes'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awardedBeside, inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

const LAST = 10_000
export const houseRules = z.object({
  start: z.int().min(0).max(LAST).default(100).meta({ label: 'Start', hint: 'Where everybody begins.' }),
  end: z.int().min(1).max(LAST).default(1200).meta({ label: 'End', hint: 'Home. The track goes by tens.' }),
  stop: z
    .int()
    .min(1)
    .max(1000)
    .default(100)
    .meta({ label: 'A stop every', hint: 'A token lies on each multiple of this. Start and end are multiples of it.' }),
  dice: z.int().min(1).max(6).default(2).meta({ label: 'Dice', hint: 'Their sum is that many tens.' }),
  sides: z.int().min(2).max(20).default(6).meta({ label: 'Sides', hint: 'Faces on each die, from 1 up.' }),
  hundreds: z
    .array(z.int().min(1).max(20))
    .min(1)
    .max(20)
    .default([1, 1, 2, 3])
    .meta({ label: 'Spinner', hint: 'How many hundreds; a face may stand there more than once.' }),
  unit: z
    .literal([10, 1])
    .default(10)
    .meta({
      label: 'A pip is',
      hint: 'Tens and hundreds, or the sister game of ones and tens.',
      choices: { 10: 'A ten', 1: 'A one' },
    }),
  tokens: z
    .enum(['own', 'first-come'])
    .default('own')
    .meta({
      label: 'Tokens',
      hint: 'Everybody gathers an own set, or the first to touch a stop takes its token.',
      choices: { own: 'Own set each', 'first-come': 'First come' },
    }),
  worth: z
    .enum(['one', 'stop-value'])
    .default('one')
    .meta({
      label: 'A token counts',
      hint: 'One each, or the number on its stop.',
      choices: { one: 'One', 'stop-value': 'Its stop’s number' },
    }),
  finish: z
    .enum(['first-home', 'at-once', 'all-home'])
    .default('first-home')
    .meta({
      label: 'The end',
      hint: 'When someone is home: finish the round, stop at once, or play on until all are home.',
      choices: { 'first-home': 'First home, round finished', 'at-once': 'First home, at once', 'all-home': 'All home' },
      changeable: true,
    }),
})
export type StopsRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Travel extends Explained {
  readonly do: 'travel'
  readonly by: number
  readonly dice: readonly number[]
  readonly hundreds: number
  /** `h` hops a hundred, `t5` walks five tens. */
  readonly order: readonly string[]
  /** Where one ends, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<Travel> = z.discriminatedUnion('do', [
  playShape('travel', {
    by: whole,
    dice: listOf(whole),
    hundreds: whole,
    order: listOf(z.string().regex(/^(?:h|t[1-9]\d{0,3})$/)),
    said: whole.optional(),
  }),
])

export interface StopsState extends Turns {
  readonly places: readonly number[]
  /** The stops whose tokens each seat has in this lap, in the order of touching. */
  readonly tokens: readonly (readonly number[])[]
  /** The same of the laps before. */
  readonly kept: readonly (readonly number[])[]
  /** The lap in progress, from 1. */
  readonly lap: number
  readonly awards: readonly number[]
  /** The newest journey: every place touched, the first one being where it began. */
  readonly journey: {
    readonly by: number
    readonly touched: readonly number[]
    readonly hops: readonly number[]
  } | null
}

/** What changes with the unit, where it is not named. */
export const defaults = (named: Readonly<Record<string, unknown>>) =>
  named.unit === 1 ? { start: 10, end: 120, stop: 10 } : {}

export function problems({ start, end, stop, unit }: StopsRules): readonly CommonProblem[] {
  const bad = (rule: string, value: number, least?: number) =>
    problem(`houseRules.${rule}`, 'bad-house-rule', {
      rule,
      value,
      ...(least === undefined ? { multipleOf: stop } : { least }),
    })
  if (stop % unit)
    return [problem('houseRules.stop', 'bad-house-rule', { rule: 'stop', value: stop, multipleOf: unit })]
  if (start % stop) return [bad('start', start)]
  if (end % stop) return [bad('end', end)]
  return end <= start ? [bad('end', end, start + stop)] : []
}

export function open({ start }: StopsRules, seating: Pick<Seating, 'seats' | 'first'>): { state: StopsState } {
  const each = <T>(value: T) => everySeat(seating.seats, value)
  return {
    state: {
      ...openTurns(seating),
      places: each(start),
      tokens: each([]),
      kept: each([]),
      lap: 1,
      awards: each(0),
      journey: null,
    },
  }
}

export function timing(_rules: StopsRules, state: StopsState, play: Travel) {
  return inTurn(state, play)
}

export const isHome = ({ end }: Pick<StopsRules, 'end'>, at: number) => at >= end

export function judge(
  rules: StopsRules,
  state: StopsState,
  { by, dice, hundreds, order }: Travel,
): GameVerdict<StopsState, StopsCodes> {
  const noFace = refuseFaces(dice, rules.sides) ?? refuseSpin(hundreds, rules.hundreds)
  if (noFace) return noFace
  const badCount = refuseDiceCount(dice, rules.dice)
  if (badCount) return badCount
  const tens = total(dice)
  const walked = total(order.map(tensIn))
  const sum = [sumOf(dice)]
  if (walked !== tens) return refuse('tens-not-spent', { walked, tens, unit: rules.unit }, sum)
  const hopped = order.filter((step) => step === 'h').length
  if (hopped !== hundreds) return refuse('hundreds-not-spent', { hopped, hundreds, unit: rules.unit })
  const from = ofSeat(state.places, by)
  const { touched, hops } = travel(rules, from, order)
  const to = lastOf(touched)
  const taken = touched.slice(1).filter((at) => isStop(rules, at) && isThere(rules, state, by, at))
  const places = withSeat(state.places, by, to)
  const arrived: StopsState = {
    ...state,
    ...passTurn(state, (seat) => !isHome(rules, ofSeat(places, seat))),
    places,
    tokens: taken.length ? withSeat(state.tokens, by, [...ofSeat(state.tokens, by), ...taken]) : state.tokens,
    journey: { by, touched, hops },
  }
  const next = lapped(rules, arrived)
  const notes: NoteOf<StopsCodes>[] = [{ code: 'arrived', facts: { by, to, taken, home: isHome(rules, to) } }]
  if (next !== arrived)
    notes.push({
      code: 'another-lap',
      facts: { lap: next.lap, seats: lead(rules, arrived).winners, start: rules.start },
    })
  return { stands: true, next, working: [sumOf([from, ...hops])], notes, asks: { answer: to, explanation: true } }
}

/**
 * Where the lap ends level and is to be played on: everybody back at the start, all tokens laid again, what was
 * gathered kept, and a new round; else the same state.
 */
export function lapped(rules: StopsRules, state: StopsState): StopsState {
  if (rules.tie !== 'extra-round' || (end(rules, state)?.winners.length ?? 0) < 2) return state
  return {
    ...state,
    turn: state.first,
    round: state.fresh ? state.round : state.round + 1,
    fresh: true,
    places: state.places.map(() => rules.start),
    tokens: state.tokens.map(() => []),
    kept: state.kept.map((before, i) => [...before, ...itemAt(state.tokens, i)]),
    lap: state.lap + 1,
    journey: null,
  }
}

/** How many tens a step of an order walks; a hop walks none. */
export function tensIn(step: string): number {
  return step === 'h' ? 0 : Number(step.slice(1))
}

/** Every place that a journey touches, where it began first, and the length of each step; it stops at the end. */
export function travel({ end, unit }: Pick<StopsRules, 'end' | 'unit'>, from: number, order: readonly string[]) {
  const touched = [from]
  const hops: number[] = []
  let at = from
  for (const step of order) {
    if (at >= end) break
    const before = at
    if (step === 'h') touched.push((at = Math.min(end, at + 10 * unit)))
    else for (let n = tensIn(step); n > 0 && at < end; n--) touched.push((at = Math.min(end, at + unit)))
    if (at > before) hops.push(at - before)
  }
  return { touched, hops }
}

export function isStop({ start, end, stop }: Pick<StopsRules, 'start' | 'end' | 'stop'>, at: number): boolean {
  return at > start && at <= end && at % stop === 0
}

/** Whether a stop's token is still there for this seat. */
export function isThere(rules: Pick<StopsRules, 'tokens'>, state: StopsState, seat: number, stop: number): boolean {
  return rules.tokens === 'own'
    ? !ofSeat(state.tokens, seat).includes(stop)
    : !state.tokens.some((taken) => taken.includes(stop))
}

export function awaits(_rules: StopsRules, state: StopsState): Awaits {
  return { seats: [state.turn], plays: ['travel'] }
}

export function standing(rules: StopsRules, state: StopsState): readonly number[] {
  const worth = (taken: readonly number[]) => (rules.worth === 'one' ? taken.length : total(taken))
  return state.tokens.map((taken, i) =>
    Math.max(0, itemAt(state.awards, i) + worth(taken) + worth(itemAt(state.kept, i))),
  )
}

export function lead(rules: StopsRules, state: StopsState): End {
  return leadOf(standing(rules, state), 'most-tokens')
}

export function end(rules: StopsRules, state: StopsState): End | null {
  const home = state.places.filter((at) => isHome(rules, at)).length
  const over =
    rules.finish === 'all-home' ? home === state.seats : home > 0 && (rules.finish === 'at-once' || state.fresh)
  return over || home === state.seats ? lead(rules, state) : null
}

export function award(rules: StopsRules, state: StopsState, seat: number, points: number): StopsState {
  // Journeys never take tokens away, so a deduction stops at 0.
  return { ...state, awards: awardedBeside(state.awards, standing(rules, state), seat, points) }
}
