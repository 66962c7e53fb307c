import type { NumberFact } from '#core/contract/game'

/** The two squares that facts are folded onto. */
export type Square = 'add' | 'times'

/** The largest number beside a square. */
export const SIDE = 12

/** A fact's place: the smaller number first, so that 3 + 7 and 7 + 3 are one. */
interface Cell {
  readonly square: Square
  readonly a: number
  readonly b: number
}

/** A cell as a key: `add 3 7`. */
export type CellKey = string

export const keyOf = ({ square, a, b }: Cell): CellKey => `${square} ${a} ${b}`

export function cellOf(key: CellKey): Cell {
  const [square, a, b] = key.split(' ')
  return { square: square as Square, a: Number(a), b: Number(b) }
}

/** The cell of two numbers; null where the square has none. */
export function cellAt(square: Square, one: number, other: number): Cell | null {
  const [a, b] = one <= other ? [one, other] : [other, one]
  return Number.isInteger(a) && Number.isInteger(b) && a >= 0 && b <= SIDE ? { square, a, b } : null
}

/**
 * Where a fact belongs: sums and products of two, and what is taken away or missing as the sum that it comes from
 * (14 − 8 = 6 is 6 + 8). Null for facts of more numbers, beyond the squares, and comparisons.
 */
export function foldFact({
  operation,
  terms,
  answer,
}: Pick<NumberFact, 'operation' | 'terms' | 'answer'>): Cell | null {
  const [one, other] = terms
  if (terms.length !== 2 || one === undefined || other === undefined) return null
  if (operation === 'add') return cellAt('add', one, other)
  if (operation === 'times') return cellAt('times', one, other)
  return operation === 'subtract' ? cellAt('add', other, answer) : null
}
