import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import { mannerOf, type CommonRules } from '#core/contract/commonRules'
import { combined, refuseFaces, total } from '#core/kit/dice'
import type { Awaits, End, Timing, Progress, Seating } from '#core/contract/game'
import type { LadderCodes } from '#core/games/table-ladder/codes'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { problem, type CommonProblem } from '#core/contract/problem'
import { everySeat, ofSeat, seatsFrom, withSeat } from '#core/kit/seats'
import { inTurn, leadOf, NO_ROUNDS, openTurns, passTurn, turnsProgress, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'

export const houseRules = z.object({
  factors: z.array(z.int().min(1).max(100)).min(1).max(4).default([3]).meta({
    label: 'Factors',
    hint: 'One for each player, in the order of seats: it stands all the way down the ladder.',
  }),
  sides: z
    .int()
    .min(2)
    .max(20)
    .default(12)
    .meta({ label: 'Sides', hint: 'Faces on the die for the other factor, from 1 up.' }),
  rungs: z.int().min(1).max(30).default(10).meta({ label: 'Rungs', hint: 'How many products fill a ladder.' }),
  order: z
    .enum(['turns', 'race'])
    .default('turns')
    .meta({
      label: 'Order',
      hint: 'One after another, or all at once.',
      choices: { turns: 'In turns', race: 'A race' },
    }),
  win: z
    .enum(['first-full', 'most-right', 'highest-total', 'together'])
    .default('together')
    .meta({
      label: 'Who wins',
      hint: 'First full is for a race only.',
      choices: {
        'first-full': 'First full ladder',
        'most-right': 'Most right',
        'highest-total': 'Highest total',
        together: 'Everybody together',
      },
    }),
})
export type LadderRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface RungPlay extends Explained {
  readonly do: 'rung'
  readonly by: number
  readonly roll: number
  /** The product, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<RungPlay> = z.discriminatedUnion('do', [
  playShape('rung', { by: whole, roll: whole, said: whole.optional() }),
])

/** A rung that is filled. */
export interface Rung {
  readonly roll: number
  readonly product: number
  /** What was said; null where nothing was, or nothing wrong is kept. */
  readonly said: number | null
  readonly right: boolean
}

export interface LadderState extends Turns {
  /** The rungs filled, by seat, in order. */
  readonly ladders: readonly (readonly Rung[])[]
}

/** One factor a seat, and the way of winning that goes with the order. */
export const defaults = ({ order }: Readonly<Record<string, unknown>>, seats: number) => ({
  factors: Array.from({ length: Math.max(1, Math.min(4, seats)) }, () => 3),
  win: order === 'race' ? 'first-full' : 'together',
})

export function problems({ factors, order, win }: LadderRules, seats: number): readonly CommonProblem[] {
  const found: CommonProblem[] = []
  if (factors.length !== seats)
    found.push(problem('houseRules.factors', 'bad-house-rule', { rule: 'factors', value: factors, seats }))
  if (win === 'first-full' && order === 'turns')
    found.push(problem('houseRules.win', 'bad-house-rule', { rule: 'win', value: win }))
  return found
}

export function open(_rules: LadderRules, seating: Pick<Seating, 'seats' | 'first'>): { state: LadderState } {
  return { state: { ...openTurns(seating), ladders: everySeat(seating.seats, []) } }
}

export const isFull = ({ rungs }: Pick<LadderRules, 'rungs'>, ladder: readonly Rung[]) => ladder.length >= rungs

export function timing({ order }: LadderRules, state: LadderState, play: RungPlay): Timing {
  return order === 'race' ? 'now' : inTurn(state, play)
}

export function judge(
  rules: LadderRules,
  state: LadderState,
  { by, roll, said }: RungPlay,
): GameVerdict<LadderState, LadderCodes> {
  const noFace = refuseFaces([roll], rules.sides)
  if (noFace) return noFace
  const ladder = ofSeat(state.ladders, by)
  if (isFull(rules, ladder)) return refuse('ladder-full', { by, rungs: rules.rungs })
  const sum = combined([ofSeat(rules.factors, by), roll], 'times')
  // Under must-be-right the kernel refuses what is not right; where nothing is asked every rung is.
  const right = mannerOf(rules, by).answers === 'off' || said === sum.equals
  const filled: Rung = { roll, product: sum.equals, said: right ? null : (said ?? null), right }
  const ladders = withSeat(state.ladders, by, [...ladder, filled])
  const turns =
    rules.order === 'race'
      ? { ...state, fresh: false }
      : passTurn(state, (seat) => !isFull(rules, ofSeat(ladders, seat)))
  const notes: NoteOf<LadderCodes>[] = [
    {
      code: right ? 'filled' : 'filled-wrong',
      facts: { by, rung: ladder.length + 1, rungs: rules.rungs, said: said ?? null },
    },
  ]
  return {
    stands: true,
    next: { ...state, ...turns, ladders },
    working: [sum],
    notes,
    asks: { answer: sum.equals, explanation: true },
  }
}

export function awaits(rules: LadderRules, state: LadderState): Awaits {
  const open = seatsFrom(state.first, state.seats).filter((seat) => !isFull(rules, ofSeat(state.ladders, seat)))
  return { seats: rules.order === 'race' ? open.sort((a, b) => a - b) : [state.turn], plays: ['rung'] }
}

export function progress(rules: LadderRules, state: LadderState): Progress {
  return rules.order === 'race' ? NO_ROUNDS : turnsProgress(state, rules.rungs, 'turn')
}

export function standing({ win }: LadderRules, { ladders }: LadderState): readonly number[] {
  if (win === 'most-right') return ladders.map((ladder) => ladder.filter(({ right }) => right).length)
  if (win === 'highest-total')
    return ladders.map((ladder) => total(ladder.filter(({ right }) => right).map(({ product }) => product)))
  return ladders.map((ladder) => ladder.length)
}

export function lead(rules: LadderRules, state: LadderState): End {
  if (rules.win === 'together') return { winners: state.ladders.map((_, i) => i + 1), why: 'together' }
  return leadOf(standing(rules, state), rules.win)
}

export function end(rules: LadderRules, state: LadderState): End | null {
  const full = state.ladders.flatMap((ladder, i) => (isFull(rules, ladder) ? [i + 1] : []))
  if (rules.win === 'first-full') return full.length ? { winners: full, why: 'first-full' } : null
  return full.length === state.seats ? lead(rules, state) : null
}
