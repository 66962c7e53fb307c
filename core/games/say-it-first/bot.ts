import { combined } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import { type FirstRules, type FirstState, leftIn, type Round, turnedAtOnce } from '#core/games/say-it-first/rules'
import { restOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { seatsFrom } from '#core/kit/seats'

function turned({ pack }: FirstRules, { gone, seats }: FirstState, random: Random): number[] {
  return random.shuffled(restOf(pack, gone)).slice(0, turnedAtOnce(seats))
}

/** Rounds in which `seat` is first with the right answer: one for each card that may lie before it, beside the lowest that are left. */
export function* plays(rules: FirstRules, state: FirstState, seat: number): Generator<Round> {
  if (leftIn(rules, state) < turnedAtOnce(state.seats)) return
  const rest = restOf(rules.pack, state.gone)
  for (const card of new Set(rest)) {
    const others = [...rest]
    others.splice(others.indexOf(card), 1)
    const cards = others.slice(0, turnedAtOnce(state.seats) - 1)
    cards.splice(seat - 1, 0, card)
    yield { do: 'round', cards, answers: [{ by: seat, said: combined(cards, rules.combine).equals, explained: true }] }
  }
}

/** The dealer: turns a card for everyone; nothing where the pack can't. */
export function deal(rules: FirstRules, state: FirstState, wish: Wish, random: Random): Dealt | null {
  if (wish.do !== 'round' || leftIn(rules, state) < turnedAtOnce(state.seats)) return null
  const cards = turned(rules, state, random)
  return { brings: { cards }, shown: { kind: 'card', values: cards } }
}

/** Somebody is first, nearly always right; now and then nobody knows. */
export function bot(rules: FirstRules, state: FirstState, _seat: number, random: Random): Round {
  const cards = turned(rules, state, random)
  const right = combined(cards, rules.combine).equals
  const order = random.shuffled(seatsFrom(1, state.seats))
  const slip = random.whole(1, 6) === 1
  const answers = order.slice(0, slip ? 2 : 1).map((by, i) =>
    slip && i === 0
      ? { by, said: right + 1 }
      : {
          by,
          said: right,
          explained: true,
          how: random.whole(0, 1) ? ('knew-it' as const) : ('counted-on' as const),
        },
  )
  return { do: 'round', cards, answers: random.whole(1, 12) === 1 ? [] : answers }
}
