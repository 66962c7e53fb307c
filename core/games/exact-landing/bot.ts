import { itemAt } from '#core/basics/lists'
import type { Dealt, Wish } from '#core/contract/game'
import { SIGNS, spinFrom, type LandingRules, type LandingState, type Spin } from '#core/games/exact-landing/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** Signs as they are drawn. */
const SHOWN = { '+': '+', '-': '−' } as const

function spun(rules: LandingRules, state: LandingState, seat: number, sign: '+' | '-', step: number): Spin {
  const { to, off } = spinFrom(rules, ofSeat(state.places, seat), sign, step)
  return off === null
    ? { do: 'spin', by: seat, sign, step, said: to, explained: true }
    : { do: 'spin', by: seat, sign, step }
}

/** Every spin that may come, with the right number said. */
export function* plays(rules: LandingRules, state: LandingState, seat: number): Generator<Spin> {
  if (seat !== state.turn) return
  for (const step of new Set(rules.steps)) for (const sign of SIGNS) yield spun(rules, state, seat, sign, step)
}

const spin = ({ steps }: LandingRules, random: Random) => ({
  sign: itemAt(SIGNS, random.whole(0, 1)),
  step: random.oneOf(steps),
})

/** The dealer: spins the sign and the step. */
export function deal(rules: LandingRules, _state: LandingState, _wish: Wish, random: Random): Dealt {
  const { sign, step } = spin(rules, random)
  return {
    brings: { sign, step },
    shown: { kind: 'spinner', values: [SHOWN[sign], step], fields: [['+', '−', '+', '−'], rules.steps] },
  }
}

export function bot(rules: LandingRules, state: LandingState, seat: number, random: Random): Spin {
  const { sign, step } = spin(rules, random)
  return spun(rules, state, seat, sign, step)
}
