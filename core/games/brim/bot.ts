import { roll, rollsOf, subsetsOf, takeOut, total } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import { bestChoice, hasOdds } from '#core/games/brim/odds'
import { allDice, mayRoll } from '#core/games/brim/dice'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import type { Random } from '#core/basics/random'

/** Every play that may stand now: stopping, and every freezing with every roll that may follow. */
export function* plays(rules: BrimRules, state: BrimState, seat: number): Generator<BrimPlay> {
  if (seat !== state.turn) return
  if (state.rolled > 0) yield { do: 'stop', by: seat, said: total(allDice(state)), explained: true }
  if (!mayRoll(rules, state)) return
  if (state.rolled === 0) {
    for (const dice of rollsOf(rules.dice, rules.sides)) yield { do: 'roll', by: seat, dice }
    return
  }
  for (const keep of subsetsOf(state.loose)) {
    if (keep.length < rules.mustFreeze || keep.length === state.loose.length) continue
    for (const dice of rollsOf(state.loose.length - keep.length, rules.sides))
      yield { do: 'roll', by: seat, dice, ...(keep.length ? { keep } : {}) }
  }
}

/** The dealer: rolls the dice that are rolled (again) after freezing `keep`; nothing when `keep` isn't there. */
export function deal(
  rules: BrimRules,
  state: BrimState,
  wish: Wish & { keep?: readonly number[] },
  random: Random,
): Dealt | null {
  if (wish.do !== 'roll') return null
  const split = takeOut(state.loose, wish.keep ?? [])
  if ('missing' in split) return null
  const dice = roll(state.rolled === 0 ? rules.dice : split.left.length, rules.sides, random)
  return { brings: { dice }, shown: { kind: 'die', values: dice, sides: dice.map(() => rules.sides) } }
}

/** Plays the turn with the highest expectation; where that takes too long to work out, stops as soon as it is within the limit. */
export function bot(rules: BrimRules, state: BrimState, seat: number, random: Random): BrimPlay {
  const best = hasOdds(rules) ? bestChoice(rules, state) : plainChoice(rules, state)
  if (best.do === 'stop') return { do: 'stop', by: seat, said: total(allDice(state)), explained: true, how: 'made-ten' }
  const { keep } = best
  const dice = roll(state.rolled === 0 ? rules.dice : state.loose.length - keep.length, rules.sides, random)
  return { do: 'roll', by: seat, dice, ...(keep.length ? { keep } : {}) }
}

function plainChoice(
  rules: BrimRules,
  state: BrimState,
): { readonly do: 'roll' | 'stop'; readonly keep: readonly number[] } {
  if (state.rolled > 0 && (total(allDice(state)) <= rules.limit || !mayRoll(rules, state)))
    return { do: 'stop', keep: [] }
  // Over the limit: the lowest dice stay, as few as must.
  const lowest = [...state.loose].sort((a, b) => a - b)
  return { do: 'roll', keep: state.rolled === 0 ? [] : lowest.slice(0, rules.mustFreeze) }
}
