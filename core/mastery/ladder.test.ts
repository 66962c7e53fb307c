import * as fc from 'fast-check'
import { changed, sumOf } from '#core/contract/working'
import { combined } from '#core/kit/dice'
import { worthOf } from '#core/mastery/blocks'
import { aidsFor, workOn, type Aid } from '#core/mastery/ladder'
import { RUNGS } from '#core/mastery/rungs'

test.each([
  ['a sum that fits frames', sumOf([8, 5]), ['frames', 'beads', 'blocks', 'line']],
  ['a small sum: no blocks', sumOf([3, 4]), ['frames', 'beads', 'line']],
  ['a large sum', sumOf([38, 25]), ['beads', 'blocks', 'line']],
  ['larger still', sumOf([338, 325]), ['blocks']],
  ['taking away', changed(34, '-', 12), ['beads', 'blocks', 'line']],
  ['below zero', changed(3, '-', 5), ['line']],
  ['a product', combined([3, 8], 'times'), ['rows', 'line']],
  ['a large product', combined([9, 25], 'times'), ['line']],
  ['nothing to find', sumOf([7]), []],
  ['too many rows', combined([13, 2], 'times'), []],
  ['a span nobody hops', sumOf([3, 1900]), []],
  ['nothing there', sumOf([0, 0]), []],
] as const)('%s', (_what, equation, kinds) => {
  expect(aidsFor(equation).map(({ kind }) => kind)).toEqual(kinds)
})

test.each([
  ['frames, those that make ten first', sumOf([3, 6, 7]), 'frames', [0, 7, 16]],
  ['beads slid over', sumOf([8, 5]), 'beads', [0, 8, 13]],
  ['beads slid back', changed(34, '-', 12), 'beads', [0, 34, 22]],
  ['blocks', sumOf([38, 25]), 'blocks', [0, 38, 63]],
  ['blocks taken away', changed(34, '-', 18), 'blocks', [0, 34, 16]],
  ['hops by ten', sumOf([38, 25]), 'line', [38, 48, 63]],
  ['hops back', changed(34, '-', 12), 'line', [34, 24, 22]],
  ['skip-counting', combined([3, 8], 'times'), 'line', [0, 8, 24]],
  ['rows', combined([3, 8], 'times'), 'rows', [0, 8, 24]],
] as const)('on each rung: %s', (_what, equation, kind, reached) => {
  const aid = aidsFor(equation).find((each) => each.kind === kind)!
  expect(RUNGS.map((rung) => reachedBy(aid, workOn(aid, rung)))).toEqual(reached)
})

test('all of it comes to the answer and lies within the drawing', () => {
  const number = fc.integer({ min: 0, max: 90 })
  fc.assert(
    fc.property(
      fc.oneof(
        fc.array(number, { minLength: 2, maxLength: 9 }).map((values) => sumOf(values)),
        fc.tuple(number, number).map(([a, b]) => changed(a, '-', b)),
        fc.tuple(number, number).map((pair) => combined(pair, 'times')),
      ),
      (equation) => {
        for (const aid of aidsFor(equation)) {
          const work = workOn(aid, 'counted')
          expect(reachedBy(aid, work)).toBe(equation.equals)
          expect(work.length).toBeLessThanOrEqual(60)
          if (aid.kind === 'line') expect(aid.low <= equation.equals && equation.equals <= aid.high).toBe(true)
          if (aid.kind === 'beads') expect(work.every((beads) => beads >= 0 && beads <= 10)).toBe(true)
        }
      },
    ),
  )
})

test('many ones are traded where they would not fit', () => {
  const blocks = aidsFor(sumOf([9, 9, 9, 9, 9])).find(({ kind }) => kind === 'blocks')!
  expect(workOn(blocks, 'counted')).toEqual([0, 2, 25])
})

/** What a child counts who counts all that lies there. */
function reachedBy(aid: Aid, work: readonly number[]): number {
  const sum = work.reduce((all, each) => all + each, 0)
  if (aid.kind === 'frames') return work.length
  if (aid.kind === 'rows') return work.length * aid.columns
  if (aid.kind === 'line') return aid.from + sum
  const [hundreds = 0, tens = 0, ones = 0] = work
  return aid.kind === 'beads' ? sum : worthOf({ hundreds, tens, ones })
}
