import { combined, roll, rollsOf } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import type { Roll, TopRules, TopState } from '#core/games/top-total/rules'
import type { Random } from '#core/basics/random'

/** Every roll that may come, with the right result said. */
export function* plays(rules: TopRules, state: TopState, seat: number): Generator<Roll> {
  if (seat !== state.turn) return
  for (const dice of rollsOf(rules.dice, rules.sides))
    yield { do: 'roll', by: seat, dice, said: combined(dice, rules.combine).equals, explained: true }
}

/** The dealer: rolls the dice. */
export function deal(rules: TopRules, _state: TopState, _wish: Wish, random: Random): Dealt {
  const dice = roll(rules.dice, rules.sides, random)
  return { brings: { dice }, shown: { kind: 'die', values: dice, sides: dice.map(() => rules.sides) } }
}

export function bot(rules: TopRules, _state: TopState, seat: number, random: Random): Roll {
  const dice = roll(rules.dice, rules.sides, random)
  return { do: 'roll', by: seat, dice, said: combined(dice, rules.combine).equals, explained: true, how: 'knew-it' }
}
