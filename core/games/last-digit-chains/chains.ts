import { itemAt, lastOf } from '#core/basics/lists'
/** The two packs: which digits there are, how the rows begin, and how long they are. */
export interface Chain {
  /** Copies of each digit, 0 to 9. */
  readonly copies: readonly number[]
  /** The two cards that each row begins with. */
  readonly starts: readonly (readonly [number, number])[]
  /** Cards in a full row. */
  readonly length: number
  /** Cards in all. */
  readonly cards: number
}

export const CHAINS = {
  short: {
    copies: [0, 6, 3, 6, 3, 0, 3, 6, 3, 6],
    starts: [
      [1, 8],
      [3, 4],
      [9, 2],
      [7, 6],
    ],
    length: 9,
    cards: 36,
  },
  long: {
    copies: [4, 8, 4, 8, 4, 8, 4, 8, 4, 8],
    starts: [
      [2, 3],
      [4, 1],
      [8, 7],
      [6, 9],
    ],
    length: 15,
    cards: 60,
  },
} as const satisfies Record<string, Chain>

/** The digit that a row needs next: `row` is from 0, `laid` what lies in it; null where it is full. */
export function nextIn(chain: Chain, row: number, laid: readonly number[]): number | null {
  if (laid.length >= chain.length) return null
  if (laid.length < 2) return itemAt(itemAt(chain.starts, row), laid.length)
  return (lastOf(laid) + laid.at(-2)!) % 10
}

/** A whole row from its start. */
export function wholeRow(chain: Chain, row: number): number[] {
  const laid: number[] = []
  for (let next = nextIn(chain, row, laid); next !== null; next = nextIn(chain, row, laid)) laid.push(next)
  return laid
}
