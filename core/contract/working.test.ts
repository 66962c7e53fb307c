import fc from 'fast-check'
import { compare, groupTens, sumOf, tensAndOnes, writeWorking } from '#core/contract/working'

test.each([
  [sumOf([6, 5]), '6 + 5 = 11'],
  [sumOf([7]), '7 = 7'],
  [sumOf([]), ' = 0'],
  [sumOf([4, -2]), '4 + (-2) = 2'],
  [compare(87, 82), '87 > 82'],
  [compare(35, 54), '35 < 54'],
  [compare(9, 9), '9 = 9'],
])('%j is written %s', (working, text) => {
  expect(writeWorking(working)).toBe(text)
})

test('a difference is written with its minus', () => {
  const terms = [
    { sign: '-' as const, value: 3 },
    { sign: '+' as const, value: 8 },
    { sign: '-' as const, value: 1 },
  ]
  expect(writeWorking({ kind: 'equation', terms, equals: 4 })).toBe('-3 + 8 - 1 = 4')
})

test.each([
  [
    [6, 5, 4, 3, 1],
    [
      [6, 4],
      [5, 3, 1],
    ],
  ],
  [
    [8, 2, 7, 3],
    [
      [8, 2],
      [7, 3],
    ],
  ],
  [
    [5, 3, 2, 6],
    [[5, 3, 2], [6]],
  ],
  [[1, 1], [[1, 1]]],
  [[], []],
])('%j groups as %j', (values, groups) => {
  expect(groupTens(values)).toEqual(groups)
})

test('grouping keeps every part', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 12 }), { maxLength: 9 }), (values) => {
      expect(groupTens(values).flat().sort()).toEqual([...values].sort())
    }),
  )
})

test('tens and ones', () => {
  expect(tensAndOnes(44)).toEqual({ tens: 40, ones: 4 })
  expect(tensAndOnes(7)).toEqual({ tens: 0, ones: 7 })
  expect(tensAndOnes(-13)).toEqual({ tens: -10, ones: -3 })
})

test('more than two are compared in one line', () => {
  expect(writeWorking(compare(4, 7, 9))).toBe('4 < 7 < 9')
  expect(writeWorking(compare(54, 35, 35))).toBe('54 > 35 = 35')
})
