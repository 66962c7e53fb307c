import * as fc from 'fast-check'
import { changed, sumOf } from '#core/contract/working'
import { combined } from '#core/kit/dice'
import { aidFor, laidOn, RUNGS } from '#core/mastery/ladder'

test.each([
  ['a sum that fits frames', sumOf([8, 5]), 'frames', [0, 8, 13]],
  ['tens lie first', sumOf([3, 6, 7]), 'frames', [0, 7, 16]],
  ['a large sum', sumOf([38, 25]), 'line', [0, 1, 3]],
  ['taking away', changed(34, '-', 12), 'line', [0, 1, 2]],
  ['a product', combined([3, 8], 'times'), 'rows', [0, 1, 3]],
] as const)('%s', (_what, equation, kind, laid) => {
  const aid = aidFor(equation)!
  expect([aid.kind, RUNGS.map((rung) => laidOn(aid, rung))]).toEqual([kind, laid])
})

test.each([
  ['nothing to find', sumOf([7])],
  ['too many rows', combined([13, 2], 'times')],
  ['a span nobody hops', sumOf([3, 900])],
  ['nothing there', sumOf([0, 0])],
] as const)('no drawing: %s', (_what, equation) => {
  expect(aidFor(equation)).toBeNull()
})

test('counters, rows and hops come to the answer, which lies within the line', () => {
  const number = fc.integer({ min: 0, max: 90 })
  fc.assert(
    fc.property(
      fc.oneof(
        fc.array(number, { minLength: 2, maxLength: 4 }).map((values) => sumOf(values)),
        fc.tuple(number, number).map(([a, b]) => changed(Math.max(a, b), '-', Math.min(a, b))),
        fc.tuple(number, number).map((pair) => combined(pair, 'times')),
      ),
      (equation) => {
        const aid = aidFor(equation)
        if (!aid) return
        const comes =
          aid.kind === 'frames'
            ? aid.counters.length
            : aid.kind === 'rows'
              ? aid.rows * aid.columns
              : aid.hops.reduce((at, hop) => at + hop, aid.from)
        expect(comes).toBe(equation.equals)
        if (aid.kind === 'line') expect(aid.low <= comes && comes <= aid.high).toBe(true)
      },
    ),
  )
})
