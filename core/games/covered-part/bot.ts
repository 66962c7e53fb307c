import { combined, roll, rollsOf } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import { dominoesLeft } from '#core/games/covered-part/advice'
import {
  coveredPart,
  guesser,
  shownPart,
  type CoverPlay,
  type CoverRules,
  type CoverState,
  type Hide,
} from '#core/games/covered-part/rules'
import type { Random } from '#core/basics/random'

function hidesOf(rules: CoverRules, seat: number, parts: readonly [number, number]): Hide[] {
  const announced = combined(parts, rules.combine).equals
  return ([1, 2] as const)
    .map((covered): Hide => ({ do: 'hide', by: seat, parts, covered, announced }))
    .filter((hide) => rules.combine === 'add' || shownPart(hide) !== 0)
}

/** Every hide that may come, told right; or the right guess. */
export function* plays(rules: CoverRules, state: CoverState, seat: number): Generator<CoverPlay> {
  if (state.hidden) {
    if (seat === guesser(state)) yield { do: 'guess', by: seat, said: coveredPart(state.hidden), explained: true }
    return
  }
  if (seat !== state.turn) return
  const pairs = rules.pieces === 'dice' ? [...rollsOf(2, rules.sides)] : dominoesLeft(rules, state)
  for (const [a, b] of pairs) yield* hidesOf(rules, seat, [a!, b!])
}

function draw(rules: CoverRules, state: CoverState, random: Random): [number, number] {
  if (rules.pieces === 'dice') return roll(2, rules.sides, random) as [number, number]
  const left = dominoesLeft(rules, state)
  const [a, b] = random.oneOf(left)
  return random.whole(0, 1) ? [a, b] : [b, a]
}

/** The dealer: rolls the dice or draws a domino; what is covered is the hider's choice. */
export function deal(rules: CoverRules, state: CoverState, wish: Wish, random: Random): Dealt | null {
  if (wish.do !== 'hide' || state.hidden) return null
  const parts = draw(rules, state, random)
  return {
    brings: { parts },
    shown: { kind: rules.pieces === 'dice' ? 'die' : 'card', values: parts, sides: parts.map(() => rules.sides) },
  }
}

export function bot(rules: CoverRules, state: CoverState, seat: number, random: Random): CoverPlay {
  if (state.hidden)
    return { do: 'guess', by: seat, said: coveredPart(state.hidden), explained: true, how: 'counted-on' }
  const hides = hidesOf(rules, seat, draw(rules, state, random))
  return random.oneOf(hides)
}
