import { waysTo } from '#core/games/table-ladder/advice'
import { inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const rung = (by: number, roll: number, said?: number, more: object = {}) =>
  play({ do: 'rung', by, roll, ...(said === undefined ? {} : { said }), ...more })
const parts = (entries: unknown[], houseRules: Record<string, unknown> = {}, players = ['Ines', 'Tomasz']) => ({
  game: 'table-ladder',
  players,
  houseRules,
  entries,
})
const noted = { answers: 'noted' }
const race = { order: 'race', rungs: 2 }

test.each([
  ['a face that the die lacks', [rung(1, 13, 39)], {}, 'no-such-face'],
  ['0 is no face', [rung(1, 0, 0)], {}, 'no-such-face'],
  ['out of turn', [rung(2, 4, 12)], {}, 'not-their-turn'],
  ['nothing said: it must be right by default', [rung(1, 4)], {}, 'answer-missing'],
  ['a wrong product', [rung(1, 4, 13)], {}, 'wrong-answer'],
  ['a wrong product, noted', [rung(1, 4, 13)], noted, 'ok'],
  ['unexplained', [rung(1, 4, 12)], { explain: 'required' }, 'unexplained'],
  ['in a race anybody at any time', [rung(2, 4, 12), rung(2, 5, 15)], { ...race, rungs: 3 }, 'ok'],
  [
    'a full ladder in a race',
    [rung(1, 4, 12), rung(1, 4, 12), rung(1, 4, 12)],
    { ...race, win: 'most-right' },
    'ladder-full',
  ],
  [
    'the face before the full ladder',
    [rung(1, 4, 12), rung(1, 4, 12), rung(1, 40, 12)],
    { ...race, win: 'most-right' },
    'no-such-face',
  ],
  [
    'a full ladder in turns is passed over',
    [rung(1, 4, 12), rung(2, 4, 12), rung(1, 4, 12)],
    { rungs: 1 },
    'match-over',
  ],
  ['an award', [{ ruling: { award: { by: 1, points: 3 } } }], {}, 'no-points-here'],
])('%s', (_what, entries, houseRules, verdict) =>
  expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
)

describe('who wins', () => {
  const all = [rung(1, 4, 12), rung(2, 5, 16), rung(1, 6, 18), rung(2, 11, 33)]
  test.each([
    ['together', noted, { winners: [1, 2], shared: true, why: 'together' }, [2, 2]],
    ['most right', { ...noted, win: 'most-right' }, { winners: [1], shared: false, why: 'most-right' }, [2, 1]],
    [
      'the highest total of right ones',
      { ...noted, win: 'highest-total' },
      { winners: [2], shared: false, why: 'highest-total' },
      [30, 33],
    ],
    [
      'with answers off every rung is right',
      { answers: 'off', win: 'highest-total' },
      { winners: [2], shared: false, why: 'highest-total' },
      [30, 48],
    ],
  ])('%s', (_what, houseRules, result, found) => {
    const answer = judged(parts(all, { ...houseRules, rungs: 2 }))
    expect([answer.result, scores(answer)]).toEqual([result, found])
  })
  test('a race: the first full ladder, filled right or not; else all are filled', () => {
    const entries = [rung(2, 4, 12), rung(1, 4, 12), rung(2, 5, 99)]
    expect(judged(parts(entries, { ...race, ...noted })).result).toEqual({
      winners: [2],
      shared: false,
      why: 'first-full',
    })
    expect(judged(parts(entries, { ...race, ...noted, win: 'together' })).result).toBeNull()
    expect(judged(parts([...entries, rung(1, 1, 3)], { ...race, ...noted, win: 'most-right' })).result).toMatchObject({
      winners: [1],
    })
  })
  test('ended early: together everybody, else the best score; a race ends at once with the clock', () => {
    const begun = [rung(1, 4, 12), { call: 'finish' }]
    expect(judged(parts(begun)).result).toMatchObject({ winners: [1, 2], why: 'together', ended: 'finish' })
    expect(judged(parts(begun, { win: 'most-right' })).result).toMatchObject({ winners: [1] })
    expect(judged(parts([rung(2, 4, 12), { call: 'time' }], race)).result).toMatchObject({
      winners: [2],
      ended: 'time',
    })
    expect(judged(parts([rung(1, 4, 12), { call: 'time' }])).result).toBeNull()
    expect(judged(parts([rung(1, 4, 12), { call: 'time' }, rung(2, 1, 3)])).result).toMatchObject({ winners: [1, 2] })
  })
  test('each has an own factor; alone too', () => {
    expect(inShort(judged(parts([rung(1, 4, 28), rung(2, 4, 32)], { factors: [7, 8] })))).toEqual(['ok', 'ok'])
    expect(judged(parts([rung(1, 4, 28)], { factors: [7], rungs: 1 }, ['Ines'])).result).toMatchObject({ winners: [1] })
  })
})

test.each([
  [{ win: 'first-full' }, ['houseRules.win bad-house-rule']],
  [{ win: 'first-full', order: 'race' }, []],
  [{ factors: [3] }, ['houseRules.factors bad-house-rule']],
  [{ factors: [3, 4, 5] }, ['houseRules.factors bad-house-rule']],
  [{ factors: [0, 4] }, ['houseRules.factors.0 bad-house-rule']],
  [{ rungs: 0 }, ['houseRules.rungs bad-house-rule']],
  [{ tie: 'extra-round' }, ['houseRules.tie tie-not-offered']],
])('setup %j: %j', (houseRules, found) => expect(problemsOf(parts([], houseRules))).toEqual(found))

test('the defaults go with the order and the seats', () => {
  expect(problemsOf(parts([], {}, ['A', 'B', 'C', 'D']))).toEqual([])
  expect(judged(parts([rung(3, 4, 12), rung(3, 4, 12)], race, ['A', 'B', 'C'])).result).toEqual({
    winners: [3],
    shared: false,
    why: 'first-full',
  })
})

test.each([
  [3, 7, [3, 6, 9, 12, 15, 18, 21], [[5, 15, '+', 6]]],
  [4, 9, [4, 8, 12, 16, 20, 24, 28, 32, 36], [[10, 40, '-', 4]]],
  [
    6,
    3,
    [6, 12, 18],
    [
      [1, 6, '+', 12],
      [2, 12, '+', 6],
      [5, 30, '-', 12],
    ],
  ],
  [
    2,
    14,
    Array.from({ length: 14 }, (_, i) => 2 * i + 2),
    [
      [13, 26, '+', 2],
      [15, 30, '-', 2],
    ],
  ],
])('ways to %i × %i', (factor, roll, skips, neighbours) => {
  const ways = waysTo(factor, roll)
  expect(ways.skips).toEqual(skips)
  expect(ways.neighbours.map((way) => [way.roll, way.product, way.sign, way.more])).toEqual(neighbours)
  for (const way of ways.neighbours) expect(way.product + (way.sign === '+' ? way.more : -way.more)).toBe(factor * roll)
})
