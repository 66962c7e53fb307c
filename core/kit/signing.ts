import { itemAt } from '#core/basics/lists'
import type { NumberFact } from '#core/contract/game'
import type { Sign } from '#core/contract/working'

/** How signs make a target out of cards: without trying all of them. */
export type PlusMinus = Exclude<Sign, '×'>

/**
 * Signs for `cards` so that they make the target, as few minuses as can be; null where none do. Those taken away must
 * come to half of what the sum is too much: a search over sums, not over signs.
 */
export function findSigns(cards: readonly number[], target: number, minus: boolean): PlusMinus[] | null {
  const sum = cards.reduce((a, b) => a + b, 0)
  const over = sum - target
  if (!cards.length) return null
  if (over === 0) return cards.map(() => '+')
  if (!minus || over < 0 || over % 2) return null
  const half = over / 2
  // fewest[s]: how many cards at least come to s; taken[i][s]: whether card i is one of them.
  const fewest = new Array<number>(half + 1).fill(Infinity)
  fewest[0] = 0
  const taken = cards.map((card) => {
    const row = new Uint8Array(half + 1)
    if (card > 0)
      for (let s = half; s >= card; s--)
        if (itemAt(fewest, s - card) + 1 < itemAt(fewest, s)) {
          fewest[s] = itemAt(fewest, s - card) + 1
          row[s] = 1
        }
    return row
  })
  if (fewest[half] === Infinity) return null
  const signs: PlusMinus[] = cards.map(() => '+')
  for (let i = cards.length - 1, s = half; i >= 0; i--)
    if (itemAt(taken, i)[s]) {
      signs[i] = '-'
      s -= itemAt(cards, i)
    }
  return signs
}

/** What cards make with their signs. */
export function signed(cards: readonly number[], signs: readonly PlusMinus[]): number {
  return cards.reduce((sum, card, i) => (signs[i] === '-' ? sum - card : sum + card), 0)
}

/** Cards with their signs in the order in which a person would say them: what is added first. */
export function spoken(
  cards: readonly number[],
  signs: readonly PlusMinus[],
): { readonly sign: PlusMinus; readonly value: number }[] {
  const terms = cards.map((value, i) => ({ sign: itemAt(signs, i), value }))
  return [...terms.filter(({ sign }) => sign === '+'), ...terms.filter(({ sign }) => sign === '-')]
}

/** The facts in cards with their signs: what is added is one, what is taken away from it another. */
export function signedFacts(cards: readonly number[], signs: readonly PlusMinus[], target: number): NumberFact[] {
  const plus = cards.filter((_, i) => signs[i] === '+')
  const less = cards.filter((_, i) => signs[i] === '-')
  const sum = plus.reduce((a, b) => a + b, 0)
  return [
    ...(plus.length > 1 ? [{ operation: 'add' as const, terms: plus, answer: sum }] : []),
    ...(less.length ? [{ operation: 'subtract' as const, terms: [sum, ...less], answer: target }] : []),
  ]
}
