import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { Coded, CommonProblems } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { combined, refuseFaces } from '#core/kit/dice'
import type { Awaits, End, Seating } from '#core/contract/game'
import type { StrikeCodes } from '#core/games/place-strike/codes'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { ofSeat, withSeat } from '#core/kit/seats'
import { leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'

export const houseRules = z.object({
  numbers: z.int().min(1).max(10).default(6).meta({ label: 'Numbers', hint: 'How many each writes.' }),
  digits: z.int().min(2).max(6).default(6).meta({ label: 'Digits', hint: 'Of each number.' }),
  sides: z.int().min(2).max(9).default(6).meta({ label: 'Digit die', hint: 'Digits from 1 up to this.' }),
  strikes: z.int().min(1).max(6).default(4).meta({ label: 'Struck to win', hint: 'So many digits in one number.' }),
  mustStrike: z
    .boolean()
    .default(true)
    .meta({ label: 'A match must be struck', hint: 'Whoever says “none” must have none.', changeable: true }),
  finish: z
    .enum(['at-once', 'even-turns'])
    .default('at-once')
    .meta({
      label: 'At the end',
      hint: 'Whether the round is played to its end.',
      choices: { 'at-once': 'At once', 'even-turns': 'Finish the round' },
      changeable: true,
    }),
})
export type StrikeRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Strike extends Explained {
  readonly do: 'strike'
  readonly by: number
  readonly digit: number
  /** 1 is the ones, 6 the hundred thousands. */
  readonly place: number
  /** Which of the player’s numbers, from 1. */
  readonly number: number
}
export interface None extends Explained {
  readonly do: 'none'
  readonly by: number
  readonly digit: number
  readonly place: number
}
export type StrikePlay = Strike | None

export const playSchema: z.ZodType<StrikePlay> = z.discriminatedUnion('do', [
  playShape('strike', { by: whole, digit: whole, place: whole, number: whole }),
  playShape('none', { by: whole, digit: whole, place: whole }),
])

/** Everybody’s numbers as they were written. */
export interface StrikeOpening {
  readonly boards: readonly (readonly string[])[]
}
export const openingSchema: z.ZodType<StrikeOpening> = z.strictObject({
  boards: z.array(z.array(z.string().regex(/^\d{0,40}$/)).max(100)).max(20),
})

export const PLACES = ['ones', 'tens', 'hundreds', 'thousands', 'ten thousands', 'hundred thousands'] as const

export interface StrikeState extends Turns {
  readonly boards: readonly (readonly string[])[]
  /** By seat and number: the places whose digit was struck. */
  readonly struck: readonly (readonly (readonly number[])[])[]
  readonly newest: {
    readonly by: number
    readonly digit: number
    readonly place: number
    readonly number: number | null
  } | null
}

export function problems({ strikes, digits }: StrikeRules): readonly CommonProblem[] {
  return strikes > digits ? [problem('houseRules.strikes', 'target-out-of-reach', { strikes, digits })] : []
}

/** What is wrong with one written number: `wrong-length`, then `digit-off-die`; null where nothing is. */
export function numberProblem(
  { digits, sides }: Pick<StrikeRules, 'digits' | 'sides'>,
  number: string,
): Coded<CommonProblems> | null {
  if (number.length !== digits) return { code: 'wrong-length', facts: { number, length: number.length, digits } }
  const off = [...number].find((digit) => digit === '0' || Number(digit) > sides)
  return off === undefined ? null : { code: 'digit-off-die', facts: { number, digit: Number(off), sides } }
}

export function open(
  rules: StrikeRules,
  seating: Seating,
  { boards }: StrikeOpening,
): { state: StrikeState } | { problems: readonly CommonProblem[] } {
  const found: CommonProblem[] = []
  if (boards.length !== seating.seats)
    found.push(problem('opening.boards', 'bad-opening', { boards: boards.length, seats: seating.seats }))
  boards.forEach((board, i) => {
    if (board.length !== rules.numbers)
      found.push(problem(`opening.boards.${i}`, 'wrong-number-count', { count: board.length, numbers: rules.numbers }))
    board.forEach((number, n) => {
      const wrong = numberProblem(rules, number)
      if (wrong) found.push({ path: `opening.boards.${i}.${n}`, ...wrong })
    })
  })
  if (found.length) return { problems: found }
  return { state: { ...openTurns(seating), boards, struck: boards.map((board) => board.map(() => [])), newest: null } }
}

/** The digit at a place of a number, 1 being the ones. */
export const digitAt = (number: string, place: number) => Number(number[number.length - place])

/** The numbers (from 1) of a seat in which this roll could be struck. */
export function matches(
  { boards, struck }: Pick<StrikeState, 'boards' | 'struck'>,
  seat: number,
  digit: number,
  place: number,
): number[] {
  const found: number[] = []
  ofSeat(boards, seat).forEach((number, i) => {
    if (digitAt(number, place) === digit && !itemAt(ofSeat(struck, seat), i).includes(place)) found.push(i + 1)
  })
  return found
}

export function judge(rules: StrikeRules, state: StrikeState, play: StrikePlay): GameVerdict<StrikeState, StrikeCodes> {
  const { by, digit, place } = play
  const refusal = refuseFaces([digit], rules.sides) ?? refuseFaces([place], rules.digits)
  if (refusal) return refusal
  if (play.do === 'none') {
    const [overlooked] = matches(state, by, digit, place)
    if (rules.mustStrike && overlooked !== undefined)
      return refuse('has-a-match', {
        by,
        digit,
        place,
        number: overlooked,
        written: itemAt(ofSeat(state.boards, by), overlooked - 1),
      })
    const next: StrikeState = { ...state, ...passTurn(state), newest: { by, digit, place, number: null } }
    return { stands: true, next, working: [], notes: [{ code: 'nothing-struck', facts: { by, digit, place } }] }
  }
  const { number } = play
  const written = ofSeat(state.boards, by)[number - 1]
  if (written === undefined) return refuse('no-such-number', { number, numbers: rules.numbers })
  const struck = itemAt(ofSeat(state.struck, by), number - 1)
  const there = digitAt(written, place)
  const worth = (face: number) => [combined([face, 10 ** (place - 1)], 'times')]
  if (struck.includes(place)) return refuse('already-struck', { number, place, digit: there, written })
  if (there !== digit)
    return refuse('no-match', { number, place, digit, there, value: there * 10 ** (place - 1), written }, worth(there))
  const now = [...struck, place]
  const mine = ofSeat(state.struck, by).map((places, i) => (i === number - 1 ? now : places))
  const next: StrikeState = {
    ...state,
    ...passTurn(state),
    struck: withSeat(state.struck, by, mine),
    newest: { by, digit, place, number },
  }
  return {
    stands: true,
    next,
    working: worth(digit),
    notes: [
      {
        code: 'struck',
        facts: {
          by,
          digit,
          place,
          number,
          value: digit * 10 ** (place - 1),
          count: now.length,
          strikes: rules.strikes,
        },
      },
    ],
    asks: { explanation: true },
  }
}

export function awaits(_rules: StrikeRules, state: StrikeState): Awaits {
  return { seats: [state.turn], plays: ['strike', 'none'] }
}

/** The most digits that each has struck in one number. */
export function standing(_rules: StrikeRules, { struck }: StrikeState): readonly number[] {
  return struck.map((numbers) => Math.max(0, ...numbers.map((places) => places.length)))
}

export const lead = (rules: StrikeRules, state: StrikeState): End => leadOf(standing(rules, state), 'most-struck')

export function end(rules: StrikeRules, state: StrikeState): End | null {
  if (rules.finish === 'even-turns' && !state.fresh) return null
  const winners = standing(rules, state).flatMap((most, i) => (most >= rules.strikes ? [i + 1] : []))
  return winners.length ? { winners, why: 'struck-out' } : null
}
