import fc from 'fast-check'
import { randomFor } from '#core/basics/random'
import { costOf, GROUPINGS, groupsOf, sharedShaky, sizesOf, type Child } from '#core/room/grouping'
import { tableName } from '#core/room/names'

const CHILDREN: readonly Child[] = Array.from({ length: 24 }, (_, i) => ({ id: `c${i}`, level: i / 23 }))
const never = () => 0

test.each([
  [0, 3, []],
  [1, 2, [1]],
  [2, 4, [2]],
  [3, 2, [3]],
  [4, 2, [2, 2]],
  [5, 2, [3, 2]],
  [5, 4, [3, 2]],
  [7, 3, [4, 3]],
  [24, 3, [3, 3, 3, 3, 3, 3, 3, 3]],
  [23, 4, [4, 4, 4, 4, 4, 3]],
])('%i children, %i wished: %j', (children, wished, sizes) => {
  expect(sizesOf(children, wished)).toEqual(sizes)
})

test('everybody sits at one table, and no table is too small or too large', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 40 }),
      fc.integer({ min: 2, max: 4 }),
      fc.constantFrom(...GROUPINGS),
      fc.string(),
      (n, wished, grouping, key) => {
        const children = Array.from({ length: n }, (_, i) => ({ id: `c${i}`, level: i % 3 ? i / n : null }))
        const tables = groupsOf(children, wished, grouping, (a, b) => (a < b ? 1 : 2), randomFor(key))
        expect(tables.flat().sort()).toEqual(children.map(({ id }) => id).sort())
        for (const { length } of tables) expect([length, length >= 2 && length <= 4]).toEqual([length, true])
      },
    ),
    { numRuns: 60 },
  )
})

test('those who are alike sit together; mixed tables have some of each', () => {
  const levels = (grouping: 'like' | 'mixed') =>
    groupsOf(CHILDREN, 3, grouping, never, randomFor('x')).map((table) => table.map((id) => Number(id.slice(1))))
  for (const table of levels('like')) expect(Math.max(...table) - Math.min(...table)).toBe(2)
  for (const table of levels('mixed')) expect(Math.max(...table) - Math.min(...table)).toBeGreaterThan(14)
})

test('for whom the same facts are shaky sit together when they are to be alike, and apart when mixed', () => {
  // Four kinds of three children each: what is shaky for them is the same within a kind.
  const children = Array.from({ length: 12 }, (_, i) => ({
    id: `c${i}`,
    level: ((i * 7) % 12) / 11,
    shaky: [`times ${i % 4} 7`, `times ${i % 4} 8`, `add 1 ${i}`],
  }))
  const kinds = (grouping: 'like' | 'mixed') =>
    groupsOf(children, 3, grouping, never, randomFor('shaky')).map(
      (table) => new Set(table.map((id) => Number(id.slice(1)) % 4)).size,
    )
  expect(kinds('like')).toEqual([1, 1, 1, 1])
  expect(kinds('mixed')).toEqual([3, 3, 3, 3])
  expect(sharedShaky([children[0]!, children[4]!, children[1]!])).toEqual(['times 0 7', 'times 0 8'])
  expect(sharedShaky([{}, {}])).toEqual([])
})

test('who sat together last week sits apart where that can be', () => {
  const last = groupsOf(CHILDREN, 3, 'chance', never, randomFor('last week'))
  const together = (a: string, b: string) => (last.some((table) => table.includes(a) && table.includes(b)) ? 1 : 0)
  const now = groupsOf(CHILDREN, 3, 'fresh', together, randomFor('today'))
  expect(now.reduce((sum, table) => sum + costOf(table, together), 0)).toBe(0)
  // Two tables of two can't keep three of four pairs apart, but the worst one.
  const four = CHILDREN.slice(0, 4)
  const worst = (a: string, b: string) => (new Set([a, b]).has('c0') && new Set([a, b]).has('c1') ? 5 : 1)
  expect(
    groupsOf(four, 2, 'fresh', worst, randomFor('four')).some((table) => table.includes('c0') && table.includes('c1')),
  ).toBe(false)
})

test('the same chance gives the same tables; names of tables never repeat', () => {
  const of = (key: string) => groupsOf(CHILDREN, 3, 'chance', never, randomFor(key))
  expect(of('a')).toEqual(of('a'))
  expect(of('a')).not.toEqual(of('b'))
  expect(new Set(Array.from({ length: 40 }, (_, i) => tableName(i))).size).toBe(40)
})
