import { rollsOf, total } from '#core/dice'
import { bestOrder } from '#core/games/hundred-stops/advice'
import { travel, type StopsRules, type StopsState, type Travel } from '#core/games/hundred-stops/rules'
import type { Random } from '#core/random'

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
    for (const rest of ordersOf(tens - before, hops - 1)) yield before > 0 ? [`t${before}`, 'h', ...rest] : ['h', ...rest]
}

/** The dealer: rolls and spins; the order is the player's wish, or the best one where none is wished. */
export function deal(rules: StopsRules, state: StopsState, wish: unknown, random: Random): Travel {
  const asked = (wish ?? {}) as Partial<Travel>
  const by = state.turn
  const dice = Array.from({ length: rules.dice }, () => random.whole(1, rules.sides))
  const hundreds = rules.hundreds[random.whole(0, rules.hundreds.length - 1)]!
  const order = asked.order ?? bestOrder(rules, state, by, total(dice), hundreds).order
  return { do: 'travel', by, dice, hundreds, order, ...(asked.said === undefined ? {} : { said: asked.said }) }
}

/** Takes the best order and says where it ends. */
export function bot(rules: StopsRules, state: StopsState, _seat: number, random: Random): Travel {
  const play = deal(rules, state, {}, random)
  const said = travel(rules, state.places[play.by - 1]!, play.order).touched.at(-1)!
  return { ...play, said, explained: true, how: 'counted-on' }
}
