import * as fc from 'fast-check'
import { blocksOf, MOST_BLOCKS, together, TRADES, traded, withBlock, worthOf } from '#core/mastery/blocks'

test.each([
  ['ten ones for a ten', [0, 1, 15], 'ones-up', [0, 2, 5]],
  ['too few ones', [0, 1, 9], 'ones-up', null],
  ['ten tens for a hundred', [0, 12, 3], 'tens-up', [1, 2, 3]],
  ['a ten for ten ones', [0, 3, 4], 'tens-down', [0, 2, 14]],
  ['no ten there', [0, 0, 4], 'tens-down', null],
  ['no room for ten ones more', [0, 3, 20], 'tens-down', null],
  ['a hundred for ten tens', [1, 2, 0], 'hundreds-down', [0, 12, 0]],
  ['all hundreds there', [9, 10, 0], 'tens-up', null],
] as const)('%s', (_what, [hundreds, tens, ones], trade, then) => {
  const after = traded({ hundreds, tens, ones }, trade)
  expect(after && [after.hundreds, after.tens, after.ones]).toEqual(then)
})

test('laid together they are worth the sum, and a trade changes nothing of it', () => {
  const value = fc.integer({ min: 0, max: 999 })
  fc.assert(
    fc.property(value, fc.integer({ min: 0, max: 400 }), (a, b) => {
      const all = together([blocksOf(a), blocksOf(b)])
      expect(worthOf(all)).toBe(a + b)
      for (const trade of TRADES) {
        const after = traded(all, trade)
        if (after) expect(worthOf(after)).toBe(a + b)
      }
    }),
  )
})

test('a block more is one less away, within what can be counted', () => {
  for (const kind of ['hundreds', 'tens', 'ones'] as const) {
    expect(withBlock(blocksOf(0), kind, -1)).toBeNull()
    expect(withBlock(MOST_BLOCKS, kind, 1)).toBeNull()
    expect(withBlock(withBlock(blocksOf(0), kind, 1)!, kind, -1)).toEqual(blocksOf(0))
  }
})
