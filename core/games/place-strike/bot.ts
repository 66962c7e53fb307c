import { itemAt } from '#core/basics/lists'
import { facesOfDie } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import {
  matches,
  type StrikeOpening,
  type StrikePlay,
  type StrikeRules,
  type StrikeState,
} from '#core/games/place-strike/rules'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

function played(rules: StrikeRules, state: StrikeState, seat: number, digit: number, place: number): StrikePlay {
  const found = matches(state, seat, digit, place)
  // Where several match, the number in which most is struck already.
  const best = found.sort(
    (a, b) => itemAt(ofSeat(state.struck, seat), b - 1).length - itemAt(ofSeat(state.struck, seat), a - 1).length,
  )[0]
  return best === undefined
    ? { do: 'none', by: seat, digit, place }
    : { do: 'strike', by: seat, digit, place, number: best, explained: true }
}

/** For every roll the best play. */
export function* plays(rules: StrikeRules, state: StrikeState, seat: number): Generator<StrikePlay> {
  if (seat !== state.turn) return
  for (const digit of facesOfDie(rules.sides))
    for (const place of facesOfDie(rules.digits)) yield played(rules, state, seat, digit, place)
}

const rolled = ({ sides, digits }: StrikeRules, random: Random) => ({
  digit: random.whole(1, sides),
  place: random.whole(1, digits),
})

/** The dealer: rolls digit and place. A place that the numbers don’t have is never rolled. */
export function deal(rules: StrikeRules, _state: StrikeState, wish: Wish, random: Random): Dealt | null {
  if (wish.do !== 'strike' && wish.do !== 'none') return null
  const { digit, place } = rolled(rules, random)
  return {
    brings: { digit, place },
    shown: { kind: 'die', values: [digit, place], sides: [rules.sides, rules.digits] },
  }
}

/** Numbers written by chance. */
export function dealOpening({ numbers, digits, sides }: StrikeRules, seats: number, random: Random): StrikeOpening {
  const written = () => Array.from({ length: digits }, () => random.whole(1, sides)).join('')
  return { boards: Array.from({ length: seats }, () => Array.from({ length: numbers }, written)) }
}

export function bot(rules: StrikeRules, state: StrikeState, seat: number, random: Random): StrikePlay {
  const { digit, place } = rolled(rules, random)
  return played(rules, state, seat, digit, place)
}
