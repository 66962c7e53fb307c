import { sumOf, type Working } from '#core/contract/working'
import { drawingsFor, hopsOf } from '../../app/utils/drawings'

const times = (a: number, b: number): Working => ({
  kind: 'equation',
  terms: [
    { sign: '+', value: a },
    { sign: '×', value: b },
  ],
  equals: a * b,
})
const minus = (a: number, b: number): Working => ({
  kind: 'equation',
  terms: [
    { sign: '+', value: a },
    { sign: '-', value: b },
  ],
  equals: a - b,
})

test.each([
  ['a small sum', sumOf([6, 4]), ['frames', 'hops']],
  ['a sum over ten', sumOf([6, 4, 5]), ['frames', 'blocks', 'hops']],
  ['a large sum', sumOf([300, 90]), ['blocks', 'hops']],
  ['a way of many hops', sumOf([720, 80, 100, 100, 20]), ['hops', 'blocks']],
  ['too many parts', sumOf(Array.from({ length: 15 }, () => 1)), []],
  ['a product', times(7, 6), ['array']],
  ['a product too large to count', times(7, 60), []],
  ['nothing times', times(0, 6), []],
  ['taking away', minus(5, 8), ['hops']],
  ['a comparison', { kind: 'comparison', values: [98, 94] } as const, ['bars']],
  ['a comparison below nothing', { kind: 'comparison', values: [-1, 4] } as const, []],
  ['columns', { kind: 'columns', steps: [], total: 0 } as const, ['columns']],
])('%s', (_what, working, drawings) => expect(drawingsFor(working)).toEqual(drawings))

test('hops go on where the last one ended, backward too', () => {
  expect(hopsOf(sumOf([60, 90, 100]) as never)).toEqual([
    { from: 0, to: 60 },
    { from: 60, to: 150 },
    { from: 150, to: 250 },
  ])
  expect(hopsOf(minus(5, 8) as never)).toEqual([
    { from: 0, to: 5 },
    { from: 5, to: -3 },
  ])
})

test('from a hundred on one stands there, and the hops begin', () => {
  expect(hopsOf(sumOf([720, 80, 100]) as never)).toEqual([
    { from: 720, to: 800 },
    { from: 800, to: 900 },
  ])
  expect(hopsOf(minus(120, 30) as never)).toEqual([{ from: 120, to: 90 }])
  expect(hopsOf(sumOf([150]) as never)).toEqual([{ from: 0, to: 150 }])
})
