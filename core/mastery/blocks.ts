/** Base-ten blocks as they lie: whole numbers, none below 0. */
export interface Blocks {
  readonly hundreds: number
  readonly tens: number
  readonly ones: number
}

/** Blocks of one kind at most: more are not counted at a glance, and are traded. */
export const MOST_BLOCKS = { hundreds: 9, tens: 19, ones: 29 } as const satisfies Blocks

/** The fewest blocks for a whole number from 0 to 999. */
export const blocksOf = (value: number): Blocks => ({
  hundreds: Math.floor(value / 100),
  tens: Math.floor(value / 10) % 10,
  ones: value % 10,
})

/** What blocks are worth together. */
export const worthOf = ({ hundreds, tens, ones }: Blocks): number => 100 * hundreds + 10 * tens + ones

/** All of them laid together, nothing traded. */
export const together = (all: readonly Blocks[]): Blocks =>
  all.reduce((sum, { hundreds, tens, ones }) => ({
    hundreds: sum.hundreds + hundreds,
    tens: sum.tens + tens,
    ones: sum.ones + ones,
  }))

/** Trades of ten for one: ten of a kind for one of the next, or one for ten of the kind below. */
export const TRADES = ['ones-up', 'tens-up', 'tens-down', 'hundreds-down'] as const
export type Trade = (typeof TRADES)[number]

const GIVES: Readonly<Record<Trade, Blocks>> = {
  'ones-up': { hundreds: 0, tens: 1, ones: -10 },
  'tens-up': { hundreds: 1, tens: -10, ones: 0 },
  'tens-down': { hundreds: 0, tens: -1, ones: 10 },
  'hundreds-down': { hundreds: -1, tens: 10, ones: 0 },
}

/** The blocks after a trade: worth the same; null where there is nothing to trade, or no room for what it brings. */
export const traded = (blocks: Blocks, trade: Trade): Blocks | null => within(together([blocks, GIVES[trade]]))

/** The blocks with one more, or one less, of a kind; null where that can't be. */
export const withBlock = (blocks: Blocks, kind: keyof Blocks, by: 1 | -1): Blocks | null =>
  within({ ...blocks, [kind]: blocks[kind] + by })

function within(blocks: Blocks): Blocks | null {
  const kinds = ['hundreds', 'tens', 'ones'] as const
  return kinds.every((kind) => blocks[kind] >= 0 && blocks[kind] <= MOST_BLOCKS[kind]) ? blocks : null
}
