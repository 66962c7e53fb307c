import { facesOfDie } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import { awaits, type LadderRules, type LadderState, type RungPlay } from '#core/games/table-ladder/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

const filled = (rules: LadderRules, seat: number, roll: number): RungPlay => ({
  do: 'rung',
  by: seat,
  roll,
  said: ofSeat(rules.factors, seat) * roll,
  explained: true,
})

/** Every roll that may come, with the right product said. */
export function* plays(rules: LadderRules, state: LadderState, seat: number): Generator<RungPlay> {
  if (awaits(rules, state).seats.includes(seat))
    for (const roll of facesOfDie(rules.sides)) yield filled(rules, seat, roll)
}

/** The dealer: rolls the die. */
export function deal(rules: LadderRules, _state: LadderState, _wish: Wish, random: Random): Dealt {
  const roll = random.whole(1, rules.sides)
  return { brings: { roll }, shown: { kind: 'die', values: [roll], sides: [rules.sides] } }
}

export function bot(rules: LadderRules, _state: LadderState, seat: number, random: Random): RungPlay {
  return { ...filled(rules, seat, random.whole(1, rules.sides)), how: 'skip-counted' }
}
