import { rollsOf, subsetsOf, takeOut, total } from '#core/dice'
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
    for (const dice of rollsOf(state.loose.length - keep.length, rules.sides))
      yield { do: 'roll', by: seat, dice, ...(keep.length ? { keep } : {}) }
  }
}

/** The dealer: rolls the dice that are rolled (again) after freezing `keep`; null when `keep` isn't there. */
export function deal(rules: BrimRules, state: BrimState, wish: unknown, random: Random): BrimPlay | null {
  const asked = (wish ?? {}) as { keep?: unknown }
  const keep = Array.isArray(asked.keep) ? (asked.keep as number[]) : []
  const split = takeOut(state.loose, keep)
  if ('missing' in split) return null
  const count = state.rolled === 0 ? rules.dice : split.left.length
  const dice = Array.from({ length: count }, () => random.whole(1, rules.sides))
  return { do: 'roll', by: state.turn, dice, ...(keep.length ? { keep } : {}) }
}

/** Plays the turn with the highest expectation. */
export function bot(rules: BrimRules, state: BrimState, seat: number, random: Random): BrimPlay {
  const best = choices(rules, state)[0]!
  if (best.do === 'stop') return { do: 'stop', by: seat, said: total(allDice(state)), explained: true, how: 'made-ten' }
  return deal(rules, state, { keep: best.keep }, random)!
}
