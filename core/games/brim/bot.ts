import { roll, rollsOf, subsetsOf, takeOut, total } from '#core/dice'
import type { Dealt, Wish } from '#core/game'
import { choices } from '#core/games/brim/odds'
import { allDice, mayRoll, type BrimPlay, type BrimRules, type BrimState } from '#core/games/brim/rules'
import type { Random } from '#core/random'

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
    for (const dice of rollsOf(state.loose.length - keep.length, rules.sides)) yield { do: 'roll', by: seat, dice, ...(keep.length ? { keep } : {}) }
  }
}

/** The dealer: rolls the dice that are rolled (again) after freezing `keep`; nothing when `keep` isn't there. */
export function deal(rules: BrimRules, state: BrimState, wish: Wish & { keep?: readonly number[] }, random: Random): Dealt | null {
  if (wish.do !== 'roll') return null
  const split = takeOut(state.loose, wish.keep ?? [])
  if ('missing' in split) return null
  const dice = roll(state.rolled === 0 ? rules.dice : split.left.length, rules.sides, random)
  return { brings: { dice }, shown: { kind: 'die', values: dice, sides: rules.sides } }
}

/** Plays the turn with the highest expectation. */
export function bot(rules: BrimRules, state: BrimState, seat: number, random: Random): BrimPlay {
  const best = choices(rules, state)[0]!
  if (best.do === 'stop') return { do: 'stop', by: seat, said: total(allDice(state)), explained: true, how: 'made-ten' }
  const { keep } = best
  const dice = roll(state.rolled === 0 ? rules.dice : state.loose.length - keep.length, rules.sides, random)
  return { do: 'roll', by: seat, dice, ...(keep.length ? { keep } : {}) }
}
