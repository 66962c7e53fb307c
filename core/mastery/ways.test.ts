import * as fc from 'fast-check'
import { changed, showWorking, sumOf, type Equation } from '#core/contract/working'
import { combined } from '#core/kit/dice'
import { waysTo, wayTold } from '#core/mastery/ways'

const ways = (equation: Equation) =>
  waysTo(equation).map(({ kind, steps }) => [kind, steps.map(showWorking).join('; ')])

test.each([
  ['8 + 5', sumOf([8, 5]), [['make-ten', '8 + 2 = 10; 10 + 3 = 13']]],
  ['5 + 8: the larger first', sumOf([5, 8]), [['make-ten', '8 + 2 = 10; 10 + 3 = 13']]],
  [
    '7 + 6',
    sumOf([7, 6]),
    [
      ['make-ten', '7 + 3 = 10; 10 + 3 = 13'],
      ['near-double', '6 + 6 = 12; 12 + 1 = 13'],
    ],
  ],
  [
    '7 + 7',
    sumOf([7, 7]),
    [
      ['make-ten', '7 + 3 = 10; 10 + 4 = 14'],
      ['tens-and-ones', '5 + 5 = 10; 2 + 2 = 4; 10 + 4 = 14'],
    ],
  ],
  [
    '9 + 2',
    sumOf([9, 2]),
    [
      ['make-ten', '9 + 1 = 10; 10 + 1 = 11'],
      ['count-on', '9 + 1 = 10; 10 + 1 = 11'],
    ],
  ],
  [
    '38 + 25',
    sumOf([38, 25]),
    [
      ['make-ten', '38 + 2 = 40; 40 + 23 = 63'],
      ['tens-and-ones', '30 + 20 = 50; 8 + 5 = 13; 50 + 13 = 63'],
    ],
  ],
  ['6 + 5 + 4', sumOf([6, 5, 4]), [['make-ten', '6 + 4 = 10; 10 + 5 = 15']]],
  ['nothing to it', sumOf([7, 0]), []],
  [
    '13 − 5',
    changed(13, '-', 5),
    [
      ['add-up', '5 + 5 = 10; 10 + 3 = 13; 5 + 3 = 8'],
      ['over-ten', '13 − 3 = 10; 10 − 2 = 8'],
    ],
  ],
  [
    '9 − 2',
    changed(9, '-', 2),
    [
      ['add-up', '2 + 7 = 9; 9 − 2 = 7'],
      ['count-back', '9 − 1 = 8; 8 − 1 = 7'],
    ],
  ],
  [
    '6 × 7',
    combined([6, 7], 'times'),
    [
      ['doubling', '3 × 7 = 21; 21 + 21 = 42'],
      ['five-and-more', '5 × 6 = 30; 2 × 6 = 12; 30 + 12 = 42'],
      ['skip-count', '7 + 7 = 14; 14 + 7 = 21; 21 + 7 = 28; 28 + 7 = 35; 35 + 7 = 42'],
      ['turn-round', '7 × 6 = 42'],
    ],
  ],
  [
    '9 × 3',
    combined([9, 3], 'times'),
    [
      ['five-and-more', '5 × 3 = 15; 4 × 3 = 12; 15 + 12 = 27'],
      ['ten-less-one', '10 × 3 = 30; 30 − 3 = 27'],
      ['skip-count', '9 + 9 = 18; 18 + 9 = 27'],
      ['turn-round', '3 × 9 = 27'],
    ],
  ],
  ['times one needs no way', combined([1, 8], 'times'), []],
] as const)('%s', (_what, equation, expected) => {
  expect(ways(equation)).toEqual(expected)
})

const number = fc.integer({ min: 0, max: 120 })
const equations = fc.oneof(
  fc.array(number, { minLength: 2, maxLength: 5 }).map((values) => sumOf(values)),
  fc.tuple(number, number).map(([a, b]) => changed(Math.max(a, b), '-', Math.min(a, b))),
  fc.tuple(fc.integer({ min: 0, max: 14 }), fc.integer({ min: 0, max: 14 })).map((pair) => combined(pair, 'times')),
)

test('every step is true, and the last comes to the answer; no way is the fact itself', () => {
  const value = ({ terms }: Equation) =>
    terms.reduce((sum, { sign, value: n }, i) => (sign === '×' && i ? sum * n : sign === '-' ? sum - n : sum + n), 0)
  fc.assert(
    fc.property(equations, (equation) => {
      for (const { steps } of waysTo(equation)) {
        for (const step of steps) expect(value(step)).toBe(step.equals)
        expect(steps.at(-1)!.equals).toBe(equation.equals)
        expect(steps.map(showWorking)).not.toEqual([showWorking(equation)])
      }
    }),
  )
})

test.each([
  ['made-ten', sumOf([8, 5]), 'make-ten'],
  ['made-ten', changed(13, '-', 5), 'over-ten'],
  ['counted-on', changed(13, '-', 5), 'add-up'],
  ['doubled', combined([6, 7], 'times'), 'doubling'],
  ['near-double', sumOf([9, 2]), undefined],
  ['knew-it', sumOf([8, 5]), undefined],
] as const)('%s of a fact is a way that its numbers allow', (how, fact, kind) => {
  expect(wayTold(fact, how)?.kind).toBe(kind)
})
