import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import { refuseSpin } from '#core/kit/dice'
import type { Awaits, End, Seating } from '#core/contract/game'
import type { LandingCodes } from '#core/games/exact-landing/codes'
import { canReach } from '#core/games/exact-landing/reach'
import { playShape, whole, type Explained } from '#core/contract/plays'
import type { ProblemOf } from '#core/contract/problem'
import { bestSeats, everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { inTurn, openTurns, passTurn, type Turns } from '#core/kit/turns'
import type { GameVerdict } from '#core/contract/verdict'
import { changed } from '#core/contract/working'

export const SIGNS = ['+', '-'] as const

/** The ends of the line lie within this. */
const FAR = 1000

const beyond = (end: string) =>
  z
    .enum(['spin-again', 'lose-turn', 'extend'])
    .default('spin-again')
    .meta({
      label: `Beyond the ${end} end`,
      hint: 'What a spin does that leads off the line there.',
      choices: { 'spin-again': 'Spin again', 'lose-turn': 'The turn is lost', extend: 'The line goes on' },
      changeable: true,
    })

export const houseRules = z.object({
  low: z.int().min(-FAR).max(FAR).default(0).meta({ label: 'Line from', hint: 'The lower end of the line.' }),
  high: z.int().min(-FAR).max(FAR).default(10).meta({ label: 'Line to', hint: 'The upper end of the line.' }),
  start: z.int().min(-FAR).max(FAR).default(5).meta({ label: 'Start', hint: 'Where every piece begins.' }),
  goal: z
    .int()
    .min(-FAR)
    .max(FAR)
    .default(10)
    .meta({ label: 'Goal', hint: 'The number to land on exactly.', changeable: true }),
  steps: z
    .array(z.int().min(1).max(100))
    .min(1)
    .max(24)
    .default([1, 2, 3])
    .meta({ label: 'Spinner', hint: 'The steps on it; one may stand there more than once. The sign is spun apart.' }),
  over: beyond('upper'),
  under: beyond('lower'),
  finish: z
    .enum(['at-once', 'even-turns'])
    .default('at-once')
    .meta({
      label: 'The end',
      hint: 'When somebody lands on the goal.',
      choices: { 'at-once': 'At once', 'even-turns': 'After even turns' },
      changeable: true,
    }),
})
export type LandingRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Spin extends Explained {
  readonly do: 'spin'
  readonly by: number
  readonly sign: '+' | '-'
  readonly step: number
  /** Where the piece stands afterwards, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<Spin> = z.discriminatedUnion('do', [
  playShape('spin', { by: whole, sign: z.enum(SIGNS), step: whole, said: whole.optional() }),
])

/** A spin as the line shows it. */
export interface Hop {
  readonly by: number
  readonly from: number
  readonly to: number
  /** It led off the line, so that the piece did not move. */
  readonly off: boolean
}

export interface LandingState extends Turns {
  readonly places: readonly number[]
  /** The seats that landed on the goal, in order. */
  readonly landed: readonly number[]
  readonly newest: Hop | null
}

/** A line, a start and a goal that fit, and steps that can lead there. In the middle of a match the goal may be the start. */
export function problems(rules: LandingRules, when: 'setup' | 'ruling'): readonly ProblemOf<LandingCodes>[] {
  const { low, high, start, goal } = rules
  const bad = (rule: 'high' | 'start' | 'goal') => ({
    path: `houseRules.${rule}`,
    code: 'bad-line' as const,
    facts: { rule, value: rules[rule], low, high },
  })
  const onLine = (at: number) => at >= low && at <= high
  if (high <= low) return [bad('high')]
  if (!onLine(start)) return [bad('start')]
  if (!onLine(goal)) return [bad('goal')]
  if (when === 'setup' && start === goal) return [bad('start')]
  return canReach(rules)
    ? []
    : [{ path: 'houseRules.goal', code: 'goal-out-of-reach', facts: { goal, start, steps: rules.steps } }]
}

export function open({ start }: LandingRules, seating: Pick<Seating, 'seats' | 'first'>): { state: LandingState } {
  return { state: { ...openTurns(seating), places: everySeat(seating.seats, start), landed: [], newest: null } }
}

export const timing = (_rules: LandingRules, state: LandingState, play: Spin) => inTurn(state, play)

/** Where a spin leads: the number reached, and the end beyond which that is off the line (null where it is not). */
export function spinFrom(
  { low, high, over, under }: LandingRules,
  from: number,
  sign: '+' | '-',
  step: number,
): { to: number; off: 'over' | 'under' | null } {
  const to = sign === '+' ? from + step : from - step
  // A piece beyond an end that goes on no more may move back; only farther out is off.
  if (to > high && to > from && over !== 'extend') return { to, off: 'over' }
  if (to < low && to < from && under !== 'extend') return { to, off: 'under' }
  return { to, off: null }
}

export function judge(
  rules: LandingRules,
  state: LandingState,
  { by, sign, step }: Spin,
): GameVerdict<LandingState, LandingCodes> {
  const refusal = refuseSpin(step, rules.steps)
  if (refusal) return refusal
  const from = ofSeat(state.places, by)
  const { to, off } = spinFrom(rules, from, sign, step)
  const working = [changed(from, sign, step)]
  const newest: Hop = { by, from, to, off: off !== null }
  if (off !== null) {
    const again = rules[off] === 'spin-again'
    // The same turn goes on, so nobody's turn is over and nothing is asked.
    const next: LandingState = again ? { ...state, fresh: false, newest } : { ...state, ...passTurn(state), newest }
    return {
      stands: true,
      next,
      working,
      notes: [{ code: again ? 'spin-again' : 'turn-lost', facts: { by, to, from } }],
    }
  }
  const lands = to === rules.goal
  const next: LandingState = {
    ...passTurn(state),
    places: withSeat(state.places, by, to),
    landed: lands ? [...state.landed, by] : state.landed,
    newest,
  }
  return {
    stands: true,
    next,
    working,
    notes: [{ code: lands ? 'lands' : 'moves', facts: { by, to } }],
    asks: { answer: to, explanation: true },
  }
}

/** A changed goal forgets landings on the old one; a piece that stands on the new one already has not landed there. */
export function ruled({ goal }: LandingRules, state: LandingState): LandingState {
  const landed = state.landed.filter((seat) => ofSeat(state.places, seat) === goal)
  return landed.length === state.landed.length ? state : { ...state, landed }
}

export function awaits(_rules: LandingRules, state: LandingState): Awaits {
  return { seats: [state.turn], plays: ['spin'] }
}

/** Ended early, the nearest to the goal wins. */
export function lead({ goal }: LandingRules, state: LandingState): End {
  const away = state.places.map((at) => Math.abs(goal - at))
  return { winners: bestSeats(away, 'fewest'), why: 'nearest' }
}

export function end({ finish }: LandingRules, { landed, fresh }: LandingState): End | null {
  if (!landed.length || (finish === 'even-turns' && !fresh)) return null
  return { winners: [...landed].sort((a, b) => a - b), why: 'landed' }
}
