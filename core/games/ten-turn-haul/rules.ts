import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import { refuseSpin } from '#core/kit/dice'
import type { Awaits, Best, End, Seating } from '#core/contract/game'
import type { HaulCodes } from '#core/games/ten-turn-haul/codes'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { everySeat, ofSeat, withSeat } from '#core/kit/seats'
import { awarded, inTurn, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import type { GameVerdict } from '#core/contract/verdict'
import { sumOf } from '#core/contract/working'

export const houseRules = z.object({
  faces: z
    .array(z.int().min(1).max(1000))
    .min(1)
    .max(24)
    .default([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])
    .meta({ label: 'Spinner', hint: 'The numbers on it; one may stand there more than once.' }),
  turns: z.int().min(1).max(50).default(10).meta({ label: 'Turns', hint: 'How many spins each.', changeable: true }),
  better: z
    .enum(['higher', 'lower'])
    .default('higher')
    .meta({ label: 'Better is', hint: 'Which sum wins.', choices: { higher: 'Higher', lower: 'Lower' } }),
})
export type HaulRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Spin extends Explained {
  readonly do: 'spin'
  readonly by: number
  readonly value: number
  /** The running total, as the player said it. */
  readonly said?: number
}

export const playSchema: z.ZodType<Spin> = z.discriminatedUnion('do', [
  playShape('spin', { by: whole, value: whole, said: whole.optional() }),
])

export interface HaulState extends Turns {
  /** What each seat spun, in order. */
  readonly spins: readonly (readonly number[])[]
  /** Running totals, awards included. */
  readonly totals: readonly number[]
}

export function open(_rules: HaulRules, seating: Pick<Seating, 'seats' | 'first'>): { state: HaulState } {
  const each = <T>(value: T) => everySeat(seating.seats, value)
  return { state: { ...openTurns(seating), spins: each([]), totals: each(0) } }
}

export const timing = (_rules: HaulRules, state: HaulState, play: Spin) => inTurn(state, play)

export function judge(rules: HaulRules, state: HaulState, { by, value }: Spin): GameVerdict<HaulState, HaulCodes> {
  const refusal = refuseSpin(value, rules.faces)
  if (refusal) return refusal
  const sum = sumOf([ofSeat(state.totals, by), value])
  const next: HaulState = {
    ...passTurn(state),
    spins: withSeat(state.spins, by, [...ofSeat(state.spins, by), value]),
    totals: withSeat(state.totals, by, sum.equals),
  }
  return {
    stands: true,
    next,
    working: [sum],
    notes: [{ code: 'spun', facts: { by, total: sum.equals } }],
    asks: { answer: sum.equals, explanation: true },
  }
}

export function awaits(_rules: HaulRules, state: HaulState): Awaits {
  return { seats: [state.turn], plays: ['spin'] }
}

export const best = ({ better }: HaulRules): Best => (better === 'higher' ? 'most' : 'fewest')

export function lead({ better }: HaulRules, state: HaulState): End {
  return better === 'higher' ? leadOf(state.totals, 'highest-sum') : leadOf(state.totals, 'lowest-sum', 'fewest')
}

export function end(rules: HaulRules, state: HaulState): End | null {
  return state.fresh && state.round > rules.turns ? lead(rules, state) : null
}

export function award(_rules: HaulRules, state: HaulState, seat: number, points: number): HaulState {
  // Spins only add, so a deduction stops at 0.
  return { ...state, totals: awarded(state.totals, seat, points) }
}
