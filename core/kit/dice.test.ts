import fc from 'fast-check'
import { combined, facesOfDie, refuseDiceCount, refuseFaces, rollsOf, subsetsOf, takeOut, total } from '#core/kit/dice'

const DICE = fc.array(fc.integer({ min: 1, max: 6 }), { maxLength: 6 })
const sorted = (values: readonly number[]) => [...values].sort((a, b) => a - b)

test('what is taken out and what is left are together what lay there', () => {
  fc.assert(
    fc.property(DICE, fc.nat(63), (dice, mask) => {
      const taken = dice.filter((_, i) => mask & (1 << i))
      const split = takeOut(dice, taken)
      expect('left' in split && sorted([...split.left, ...taken])).toEqual(sorted(dice))
    }),
  )
})

test.each([
  [[6, 6, 2], [6, 6, 6], 6],
  [[6, 5], [4], 4],
  [[], [1], 1],
])('from %j one can’t take %j: %i isn’t there', (dice, taken, missing) => {
  expect(takeOut(dice, taken)).toEqual({ missing })
})

test('every multiset of faces once: as many as there are ways to choose with repetition', () => {
  const choose = (n: number, k: number): number => (k === 0 ? 1 : (choose(n - 1, k - 1) * n) / k)
  for (const [count, sides] of [
    [0, 6],
    [1, 6],
    [3, 6],
    [5, 6],
    [2, 10],
    [4, 3],
  ] as const) {
    const rolls = [...rollsOf(count, sides)]
    expect(rolls).toHaveLength(choose(count + sides - 1, count))
    expect(new Set(rolls.map(String)).size).toBe(rolls.length)
    for (const roll of rolls) expect(roll).toEqual(sorted(roll))
  }
})

test('every way to take some of the dice once, the empty one first', () => {
  fc.assert(
    fc.property(DICE, (dice) => {
      const sets = subsetsOf(dice)
      expect(sets[0]).toEqual([])
      expect(new Set(sets.map((set) => String(sorted(set)))).size).toBe(sets.length)
      for (const set of sets) expect('left' in takeOut(dice, set)).toBe(true)
      const ways = [1, 2, 3, 4, 5, 6].reduce(
        (product, face) => product * (1 + dice.filter((die) => die === face).length),
        1,
      )
      expect(sets).toHaveLength(ways)
    }),
  )
})

test('a total is the sum in any order', () => {
  fc.assert(fc.property(DICE, (dice) => expect(total(dice)).toBe(total(sorted(dice)))))
  expect(total([])).toBe(0)
})

test.each([
  ['add', [3, 7], 10],
  ['times', [3, 7], 21],
  ['difference', [3, 7], 4],
  ['difference', [7, 3], 4],
  ['add', [5], 5],
  ['times', [2, 3, 4], 24],
] as const)('%s of %j is %i', (how, values, equals) => {
  const working = combined(values, how)
  expect(working.equals).toBe(equals)
  expect(working.terms.map(({ value }) => value).sort()).toEqual([...values].sort())
})

test('faces and counts of dice', () => {
  expect(facesOfDie(4)).toEqual([1, 2, 3, 4])
  expect([refuseFaces([1, 6], 6), refuseFaces([1, 7], 6)?.reason]).toEqual([
    null,
    { code: 'no-such-face', facts: { face: 7, sides: 6 } },
  ])
  expect([refuseDiceCount([1, 6], 2), refuseDiceCount([1], 2)?.reason.code]).toEqual([null, 'wrong-dice-count'])
})
