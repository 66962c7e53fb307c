import { facesOfDie } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import { stepFrom, type Step, type StepRules, type StepState } from '#core/games/step-and-gather/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

function stepped(rules: StepRules, state: StepState, seat: number, roll: number): Step {
  const { to, gathered } = stepFrom(rules, ofSeat(state.places, seat), roll)
  return { do: 'step', by: seat, roll, landed: to, said: ofSeat(state.cubes, seat) + gathered, explained: true }
}

/** Every step that may come, with the right space and total. */
export function* plays(rules: StepRules, state: StepState, seat: number): Generator<Step> {
  if (seat === state.turn) for (const roll of facesOfDie(rules.sides)) yield stepped(rules, state, seat, roll)
}

/** The dealer: rolls the die. */
export function deal(rules: StepRules, _state: StepState, _wish: Wish, random: Random): Dealt {
  const roll = random.whole(1, rules.sides)
  return { brings: { roll }, shown: { kind: 'die', values: [roll], sides: [rules.sides] } }
}

export function bot(rules: StepRules, state: StepState, seat: number, random: Random): Step {
  return { ...stepped(rules, state, seat, random.whole(1, rules.sides)), how: 'counted-on' }
}
