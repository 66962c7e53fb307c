import { dominoesOf, dominoOf, type CoverRules, type CoverState } from '#core/games/covered-part/rules'
import { combined } from '#core/kit/dice'

/** Every pair of parts that makes a total, the lower one first; on dice or dominoes as agreed. */
export function pairsFor(rules: CoverRules, total: number): readonly (readonly [number, number])[] {
  const low = rules.pieces === 'dice' ? 1 : 0
  const pairs: [number, number][] = []
  for (let a = low; a <= rules.sides; a++)
    for (let b = a; b <= rules.sides; b++) if (combined([a, b], rules.combine).equals === total) pairs.push([a, b])
  return pairs
}

/** Dominoes that have not been hidden since all were mixed. */
export function dominoesLeft(
  rules: CoverRules,
  { used }: Pick<CoverState, 'used'>,
): readonly (readonly [number, number])[] {
  return dominoesOf(rules).filter((domino) => !used.includes(dominoOf(domino)))
}
