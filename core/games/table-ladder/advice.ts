/** How a product can be found: counted up by the factor, and from facts next to it that many know. */
interface Ways {
  /** The factor, twice the factor, … up to the product. */
  readonly skips: readonly number[]
  readonly neighbours: readonly {
    readonly roll: number
    readonly product: number
    readonly sign: '+' | '-'
    readonly more: number
  }[]
}

/** Facts that are learned first: doubles, fives and tens, and what lies beside them. */
const EASY = [1, 2, 5, 10]

export function waysTo(factor: number, roll: number): Ways {
  const skips = Array.from({ length: roll }, (_, i) => factor * (i + 1))
  const neighbours = EASY.filter((easy) => easy !== roll && Math.abs(easy - roll) <= 2).map((easy) => ({
    roll: easy,
    product: factor * easy,
    sign: easy < roll ? ('+' as const) : ('-' as const),
    more: factor * Math.abs(easy - roll),
  }))
  // Beyond the easy facts the ones directly beside help.
  const beside = neighbours.length ? [] : [roll - 1, roll + 1].filter((near) => near > 0)
  return {
    skips,
    neighbours: [
      ...neighbours,
      ...beside.map((near) => ({
        roll: near,
        product: factor * near,
        sign: near < roll ? ('+' as const) : ('-' as const),
        more: factor,
      })),
    ],
  }
}
