import { itemAt, lastOf } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { combined, refuseDiceCount, refuseFaces } from '#core/kit/dice'
import type { Awaits, End, Seating } from '#core/contract/game'
import type { TopCodes } from '#core/games/top-total/codes'
import { listOf, playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { bestSeats, everySeat, ofSeat, seatsFrom, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, type Turns } from '#core/kit/turns'
import type { GameVerdict } from '#core/contract/verdict'
import { compare, type Working } from '#core/contract/working'

export const houseRules = z.object({
  dice: z.int().min(1).max(4).default(2).meta({ label: 'Dice', hint: 'How many dice each player rolls.' }),
  sides: z.literal([4, 6, 8, 10, 12, 20]).default(6).meta({ label: 'Sides', hint: 'Faces on each die, from 1 up.' }),
  combine: z
    .enum(['add', 'times', 'difference'])
    .default('add')
    .meta({
      label: 'Work out',
      hint: 'What is done with the dice. A difference takes two dice.',
      choices: { add: 'Add', times: 'Times', difference: 'Difference' },
    }),
  better: z
    .enum(['higher', 'lower'])
    .default('higher')
    .meta({ label: 'Better is', hint: 'Which result takes the round.', choices: { higher: 'Higher', lower: 'Lower' } }),
  rounds: z.int().min(1).max(50).default(10).meta({ label: 'Rounds', hint: 'Most rounds win.', changeable: true }),
  tiedRound: z
    .enum(['nobody', 'both', 'reroll'])
    .default('nobody')
    .meta({
      label: 'A level round',
      hint: 'Whose a round is whose best results are level.',
      choices: { nobody: 'Nobody’s', both: 'All who are level', reroll: 'They roll again' },
      changeable: true,
    }),
})
export type TopRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Roll extends Explained {
  readonly do: 'roll'
  readonly by: number
  readonly dice: readonly number[]
  /** The result, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<Roll> = z.discriminatedUnion('do', [
  playShape('roll', { by: whole, dice: listOf(whole), said: whole.optional() }),
])

/** One time round among those who roll in it: their seats in order, and the results so far. */
export interface Pass {
  readonly seats: readonly number[]
  readonly results: readonly number[]
}

/** A round that is decided. */
export interface Round {
  /** The first pass, and one more for each time the level ones rolled again. */
  readonly passes: readonly Pass[]
  /** Nobody where it was level and nobody's. */
  readonly winners: readonly number[]
}

export interface TopState extends Turns {
  /** The passes of the round in progress, the one being rolled last. */
  readonly passes: readonly Pass[]
  /** Rounds won by seat, awards included. */
  readonly won: readonly number[]
  readonly history: readonly Round[]
}

export function problems({ dice, combine }: TopRules): readonly CommonProblem[] {
  return combine === 'difference' && dice !== 2
    ? [problem('houseRules.combine', 'bad-house-rule', { rule: 'combine', value: combine, dice })]
    : []
}

const firstPass = ({ first, seats }: Pick<Turns, 'first' | 'seats'>): readonly Pass[] => [
  { seats: seatsFrom(first, seats), results: [] },
]

export function open(_rules: TopRules, seating: Pick<Seating, 'seats' | 'first'>): { state: TopState } {
  return { state: { ...openTurns(seating), passes: firstPass(seating), won: everySeat(seating.seats, 0), history: [] } }
}

export const timing = (_rules: TopRules, state: TopState, play: Roll) => inTurn(state, play)

export function judge(rules: TopRules, state: TopState, { by, dice }: Roll): GameVerdict<TopState, TopCodes> {
  const refusal = refuseFaces(dice, rules.sides) ?? refuseDiceCount(dice, rules.dice)
  if (refusal) return refusal
  const sum = combined(dice, rules.combine)
  const asks = { answer: sum.equals, explanation: true }
  const before = state.passes.slice(0, -1)
  const last = lastOf(state.passes)
  const pass: Pass = { seats: last.seats, results: [...last.results, sum.equals] }
  const rolled: NoteOf<TopCodes> = { code: 'rolled', facts: { by, result: sum.equals } }
  const turn = pass.seats[pass.results.length]
  if (turn !== undefined)
    return {
      stands: true,
      next: { ...state, turn, fresh: false, passes: [...before, pass] },
      working: [sum],
      notes: [rolled],
      asks,
    }
  const { next, note } = passed(rules, state, [...before, pass])
  const working: Working[] = [sum, compare(...pass.results)]
  return { stands: true, next, working, notes: [rolled, note], asks }
}

/** Everybody in the pass has rolled: the round is decided, or the level ones roll again in it. */
function passed(rules: TopRules, state: TopState, passes: readonly Pass[]): { next: TopState; note: NoteOf<TopCodes> } {
  const { seats, results } = lastOf(passes)
  const level = bestSeats(results, rules.better === 'higher' ? 'most' : 'fewest').map((at) => itemAt(seats, at - 1))
  const result = itemAt(results, seats.indexOf(itemAt(level, 0)))
  const tied = level.length > 1
  if (tied && rules.tiedRound === 'reroll') {
    const next = { ...state, turn: itemAt(level, 0), fresh: false, passes: [...passes, { seats: level, results: [] }] }
    return { next, note: { code: 'roll-again', facts: { seats: level, result } } }
  }
  const winners = tied && rules.tiedRound === 'nobody' ? [] : level
  const won = winners.reduce((scores, seat) => withSeat(scores, seat, ofSeat(scores, seat) + 1), state.won)
  const next: TopState = {
    seats: state.seats,
    first: state.first,
    turn: state.first,
    round: state.round + 1,
    fresh: true,
    passes: firstPass(state),
    won,
    history: [...state.history, { passes, winners }],
  }
  return {
    next,
    note: { code: winners.length ? 'round-won' : 'round-level', facts: { round: state.round, seats: level, result } },
  }
}

export function awaits(_rules: TopRules, state: TopState): Awaits {
  return { seats: [state.turn], plays: ['roll'] }
}

export function lead(_rules: TopRules, state: TopState): End {
  return leadOf(state.won, 'most-rounds')
}

export function end(rules: TopRules, state: TopState): End | null {
  return state.fresh && state.round > rules.rounds ? lead(rules, state) : null
}

export function award(_rules: TopRules, state: TopState, seat: number, points: number): TopState {
  // Rounds are never lost in play, so a deduction stops at 0.
  return { ...state, won: awarded(state.won, seat, points) }
}
