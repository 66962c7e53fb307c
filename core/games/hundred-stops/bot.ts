import { lastOf } from '#core/basics/lists'
import { roll, rollsOf, total } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import { bestOrder } from '#core/games/hundred-stops/advice'
import { travel, type StopsRules, type StopsState, type Travel } from '#core/games/hundred-stops/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** Every journey that may stand now: each roll, each spin, each order of walks and hops. */
export function* plays(rules: StopsRules, state: StopsState, seat: number): Generator<Travel> {
  if (seat !== state.turn) return
  for (const dice of rollsOf(rules.dice, rules.sides))
    for (const hundreds of new Set(rules.hundreds))
      for (const order of ordersOf(total(dice), hundreds)) yield { do: 'travel', by: seat, dice, hundreds, order }
}

function* ordersOf(tens: number, hops: number): Generator<string[]> {
  if (hops === 0) {
    yield tens > 0 ? [`t${tens}`] : []
    return
  }
  for (let before = 0; before <= tens; before++)
    for (const rest of ordersOf(tens - before, hops - 1))
      yield before > 0 ? [`t${before}`, 'h', ...rest] : ['h', ...rest]
}

/** The dealer: rolls and spins; the order is the player's. */
export function deal(rules: StopsRules, _state: StopsState, _wish: Wish, random: Random): Dealt {
  const { dice, hundreds } = rollAndSpin(rules, random)
  return { brings: { dice, hundreds }, shown: { kind: 'die', values: dice, sides: dice.map(() => rules.sides) } }
}

function rollAndSpin(rules: StopsRules, random: Random) {
  const dice = roll(rules.dice, rules.sides, random)
  return { dice, hundreds: random.oneOf(rules.hundreds) }
}

/** Takes the best order and says where it ends. */
export function bot(rules: StopsRules, state: StopsState, seat: number, random: Random): Travel {
  const { dice, hundreds } = rollAndSpin(rules, random)
  const { order } = bestOrder(rules, state, seat, total(dice), hundreds)
  const said = lastOf(travel(rules, ofSeat(state.places, seat), order).touched)
  return { do: 'travel', by: seat, dice, hundreds, order, said, explained: true, how: 'counted-on' }
}
