import type { Dealt, Wish } from '#core/contract/game'
import type { HaulRules, HaulState, Spin } from '#core/games/ten-turn-haul/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

const spun = (state: HaulState, seat: number, value: number): Spin => ({
  do: 'spin',
  by: seat,
  value,
  said: ofSeat(state.totals, seat) + value,
  explained: true,
})

/** Every spin that may come, with the right total said. */
export function* plays(rules: HaulRules, state: HaulState, seat: number): Generator<Spin> {
  if (seat === state.turn) for (const value of new Set(rules.faces)) yield spun(state, seat, value)
}

const spin = ({ faces }: HaulRules, random: Random) => random.oneOf(faces)

/** The dealer: spins. */
export function deal(rules: HaulRules, _state: HaulState, _wish: Wish, random: Random): Dealt {
  const value = spin(rules, random)
  return { brings: { value }, shown: { kind: 'spinner', values: [value], fields: [rules.faces] } }
}

export function bot(rules: HaulRules, state: HaulState, seat: number, random: Random): Spin {
  return { ...spun(state, seat, spin(rules, random)), how: 'counted-on' }
}
