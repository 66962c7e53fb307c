import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { refuseFaces } from '#core/kit/dice'
import type { Awaits, End, Seating } from '#core/contract/game'
import type { StepCodes } from '#core/games/step-and-gather/codes'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

export const houseRules = z.object({
  path: z
    .array(z.int().min(0).max(50))
    .min(1)
    .max(60)
    .default([2, 5, 1, 3, 4, 1, 6, 2, 3, 5, 1, 4, 2, 6, 3, 1, 5, 2, 4, 3])
    .meta({
      label: 'Path',
      hint: 'The numbers on its spaces, from the first to home: so many cubes are gathered there.',
    }),
  sides: z.int().min(2).max(20).default(6).meta({ label: 'Sides', hint: 'Faces on the die, from 1 up.' }),
  atEnd: z
    .enum(['stop-there', 'exact'])
    .default('stop-there')
    .meta({
      label: 'Coming home',
      hint: 'What a roll does that is larger than the way home.',
      choices: { 'stop-there': 'Stop on the last space', exact: 'Exactly, or stay' },
    }),
})
export type StepRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Step extends Explained {
  readonly do: 'step'
  readonly by: number
  readonly roll: number
  /** The space reached, from 1; 0 is the start. */
  readonly landed?: number
  /** The running total, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<Step> = z.discriminatedUnion('do', [
  playShape('step', { by: whole, roll: whole, landed: whole.optional(), said: whole.optional() }),
])

export interface StepState extends Turns {
  /** The space each piece stands on, from 1; 0 is the start. */
  readonly places: readonly number[]
  /** Cubes gathered, awards included. */
  readonly cubes: readonly number[]
  /** The newest step: where it began, where it ended, and what it gathered. */
  readonly newest: { readonly by: number; readonly from: number; readonly to: number; readonly gathered: number } | null
}

export function open(_rules: StepRules, seating: Pick<Seating, 'seats' | 'first'>): { state: StepState } {
  const each = (value: number) => everySeat(seating.seats, value)
  return { state: { ...openTurns(seating), places: each(0), cubes: each(0), newest: null } }
}

export const timing = (_rules: StepRules, state: StepState, play: Step) => inTurn(state, play)

export const isHome = ({ path }: Pick<StepRules, 'path'>, at: number) => at >= path.length

/** Where a roll leads from a space, and what is gathered there: nothing where one stays. */
export function stepFrom(
  { path, atEnd }: Pick<StepRules, 'path' | 'atEnd'>,
  from: number,
  roll: number,
): { to: number; gathered: number } {
  const beyond = from + roll > path.length
  if (beyond && atEnd === 'exact') return { to: from, gathered: 0 }
  const to = beyond ? path.length : from + roll
  return { to, gathered: itemAt(path, to - 1) }
}

export function judge(
  rules: StepRules,
  state: StepState,
  { by, roll, landed }: Step,
): GameVerdict<StepState, StepCodes> {
  const refusal = refuseFaces([roll], rules.sides)
  if (refusal) return refusal
  const from = ofSeat(state.places, by)
  const { to, gathered } = stepFrom(rules, from, roll)
  if (landed !== undefined && landed !== to)
    return refuse('wrong-landing', { by, landed, from, to, roll }, [sumOf([from, to - from])])
  const sum = sumOf([ofSeat(state.cubes, by), gathered])
  const places = withSeat(state.places, by, to)
  const next: StepState = {
    ...passTurn(state, (seat) => !isHome(rules, ofSeat(places, seat))),
    places,
    cubes: withSeat(state.cubes, by, sum.equals),
    newest: { by, from, to, gathered },
  }
  const code = to === from ? 'stays' : 'stepped'
  const notes: NoteOf<StepCodes>[] = [{ code, facts: { by, to, gathered, total: sum.equals, home: isHome(rules, to) } }]
  return { stands: true, next, working: [sum], notes, asks: { answer: sum.equals, explanation: true } }
}

export function awaits(_rules: StepRules, state: StepState): Awaits {
  return { seats: [state.turn], plays: ['step'] }
}

export function lead(_rules: StepRules, state: StepState): End {
  return leadOf(state.cubes, 'most-cubes')
}

export function end(rules: StepRules, state: StepState): End | null {
  return state.places.every((at) => isHome(rules, at)) ? lead(rules, state) : null
}

export function award(_rules: StepRules, state: StepState, seat: number, points: number): StepState {
  // Steps never take cubes away, so a deduction stops at 0.
  return { ...state, cubes: awarded(state.cubes, seat, points) }
}
