import fc from 'fast-check'
import { bestNumber } from '#core/games/column-keeper/advice'
import { columnsOf, rank, type KeeperRules } from '#core/games/column-keeper/rules'
import { writeWorking } from '#core/contract/working'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'column-keeper', ...parts })
const put = (by: number, card: number, where: string) => play({ do: 'put', by, card, in: where })
const total = (by: number, said?: number, more: object = {}) =>
  play({ do: 'total', by, ...(said === undefined ? {} : { said }), ...more })
/** Two columns of one card, nothing thrown away: short rounds. */
const SMALL = { columns: 2, perColumn: 1, discards: 0, rounds: 1 }
/** A small round of two players: tens first, then ones. */
const round = (a: number, b: number) => [
  put(1, Math.floor(a / 10), 'tens'),
  put(2, Math.floor(b / 10), 'tens'),
  put(1, a % 10, 'ones'),
  put(2, b % 10, 'ones'),
]

test.each([
  ['a ten', [put(1, 10, 'ones')], {}, 'no-such-card'],
  ['a zero', [put(1, 0, 'ones')], {}, 'no-such-card'],
  ['thousands of three columns', [put(1, 5, 'thousands')], {}, 'no-such-column'],
  ['thousands of four', [put(1, 5, 'thousands')], { columns: 4 }, 'ok'],
  ['a column that is none', [put(1, 5, 'tenths')], {}, 'malformed'],
  ['the neighbour', [put(2, 5, 'ones')], {}, 'not-their-turn'],
  [
    'a second card in a column of one',
    [put(1, 5, 'ones'), put(2, 5, 'ones'), put(1, 4, 'ones')],
    { perColumn: 1 },
    'column-full',
  ],
  ['a second one thrown away', [put(1, 5, 'aside'), put(2, 5, 'aside'), put(1, 4, 'aside')], {}, 'no-discards-left'],
  ['nothing may be thrown away', [put(1, 5, 'aside')], { discards: 0 }, 'no-discards-left'],
  [
    'a fifth five',
    [put(1, 5, 'ones'), put(2, 5, 'ones'), put(1, 5, 'ones'), put(2, 5, 'ones'), put(1, 5, 'tens')],
    {},
    'too-many-copies',
  ],
  ['a total too early', [put(1, 5, 'ones'), total(2, 5)], {}, 'not-now'],
  ['a total without a number', [...round(51, 42), total(1)], SMALL, 'malformed'],
  ['a card after the last', [...round(51, 42), put(1, 5, 'ones')], SMALL, 'not-now'],
  ['the other one’s total', [...round(51, 42), total(2, 42)], SMALL, 'not-their-turn'],
  ['a wrong total, noted', [...round(51, 42), total(1, 15)], SMALL, 'ok'],
  ['a wrong total, refused', [...round(51, 42), total(1, 15)], { ...SMALL, answers: 'must-be-right' }, 'wrong-answer'],
  ['not explained', [...round(51, 42), total(1, 51)], { ...SMALL, explain: 'required' }, 'unexplained'],
  ['a total where none is asked', [put(1, 5, 'tens'), total(1, 5)], { ...SMALL, answers: 'off' }, 'not-now'],
])('%s: %s', (_what, entries, houseRules, verdict) => {
  expect(inShort(game({ houseRules, entries })).at(-1)).toBe(verdict)
})

test('the columns are added and regrouped step by step', () => {
  const columns = columnsOf({
    columns: [
      [7, 5],
      [9, 8],
      [6, 4],
    ],
  })
  expect(columns.total).toBe(1182)
  expect(writeWorking(columns)).toBe(
    'ones 7 + 5 = 12: 2, carry 1; tens 9 + 8 + 1 = 18: 8, carry 1; hundreds 6 + 4 + 1 = 11; 1182',
  )
})

describe('a round', () => {
  test('is decided after the last total; what the cards really make counts', () => {
    const answer = game({
      houseRules: { ...SMALL, rounds: 2 },
      entries: [...round(51, 42), total(1, 15), total(2, 42)],
    })
    expect(scores(answer)).toEqual([1, 0])
    expect(answer.verdicts[4]!.notes).toContainEqual({ code: 'wrong-answer', facts: { by: 1, said: 15, right: 51 } })
    expect(answer.awaits).toEqual({ seats: [1], plays: ['put'] })
  })
  test('without totals it is decided after the last card', () => {
    expect(game({ houseRules: { ...SMALL, answers: 'off' }, entries: round(51, 42) }).result).toMatchObject({
      winners: [1],
    })
  })
  test('a ruling that stops asking decides it while totals are told', () => {
    const off = { ruling: { houseRules: { answers: 'off' } } }
    expect(game({ houseRules: SMALL, entries: [...round(51, 42), total(1, 51), off] }).result).toMatchObject({
      winners: [1],
    })
    const on = game({ houseRules: { ...SMALL, rounds: 2 }, entries: [...round(51, 42), off, put(1, 9, 'tens')] })
    expect([inShort(on).at(-1), scores(on)]).toEqual(['ok', [1, 0]])
  })
  test('a round decided by a ruling stays decided when totals are asked for again', () => {
    const asked = (answers: string) => ({ ruling: { houseRules: { answers } } })
    const again = game({
      houseRules: { ...SMALL, rounds: 2 },
      entries: [...round(51, 42), asked('off'), asked('noted'), put(1, 9, 'tens')],
    })
    expect([inShort(again).at(-1), scores(again)]).toEqual(['ok', [1, 0]])
  })
  test('level takes it for each; aims', () => {
    const told = (a: number, b: number) => [...round(a, b), total(1, a), total(2, b)]
    expect(scores(game({ houseRules: SMALL, entries: told(51, 51) }))).toEqual([1, 1])
    expect(scores(game({ houseRules: { ...SMALL, aim: 'smallest' }, entries: told(51, 42) }))).toEqual([0, 1])
    expect(scores(game({ houseRules: { ...SMALL, aim: 'nearest', to: 47 }, entries: told(51, 42) }))).toEqual([1, 0])
    expect(scores(game({ houseRules: { ...SMALL, aim: 'nearest', to: 46 }, entries: told(51, 41) }))).toEqual([1, 1])
  })
  test('the whole pack for each round', () => {
    const pack = { low: 1, high: 4, copies: 1 }
    const entries = [...round(12, 43), total(1, 12), total(2, 43), put(1, 1, 'tens')]
    expect(inShort(game({ houseRules: { ...SMALL, rounds: 2, pack }, entries })).at(-1)).toBe('ok')
  })
})

describe('alone', () => {
  const alone = { players: ['Ines'] }
  const entries = [
    put(1, 5, 'tens'),
    put(1, 1, 'ones'),
    total(1, 51),
    put(1, 4, 'tens'),
    put(1, 2, 'ones'),
    total(1, 42),
  ]
  test('the numbers are added up, or the distances', () => {
    expect(scores(game({ ...alone, houseRules: { ...SMALL, rounds: 2 }, entries }))).toEqual([93])
    expect(scores(game({ ...alone, houseRules: { ...SMALL, rounds: 2, aim: 'nearest', to: 50 }, entries }))).toEqual([
      9,
    ])
  })
  test('awards, but not where less is better', () => {
    const award = { ruling: { award: { by: 1, points: 4 } } }
    expect(inShort(game({ ...alone, entries: [award] }))).toEqual(['ok'])
    expect(inShort(game({ ...alone, houseRules: { aim: 'nearest', to: 50 }, entries: [award] }))).toEqual([
      'no-points-here',
    ])
  })
})

test('time finishes the deal with its totals; an extra round breaks a tie', () => {
  const time = [put(1, 5, 'tens'), { call: 'time' }, ...round(51, 42).slice(1), total(1, 51), total(2, 42)]
  expect(game({ houseRules: { ...SMALL, rounds: 5 }, entries: time.slice(0, -1) }).result).toBeNull()
  expect(game({ houseRules: { ...SMALL, rounds: 5 }, entries: time }).result).toMatchObject({
    winners: [1],
    ended: 'time',
  })
  const level = [...round(51, 51), total(1, 51), total(2, 51)]
  const extra = { ...SMALL, tie: 'extra-round' }
  expect(game({ houseRules: extra, entries: level }).result).toBeNull()
  expect(
    game({ houseRules: extra, entries: [...level, ...round(61, 42), total(1, 61), total(2, 42)] }).result,
  ).toMatchObject({ winners: [1] })
})

test.each([
  [{ aim: 'nearest' }, ['houseRules.to bad-house-rule']],
  [{ to: 50 }, []],
  [{ pack: { low: 1, high: 10, copies: 4 } }, ['houseRules.pack.high bad-house-rule']],
  [{ pack: { low: 1, high: 3, copies: 4 } }, ['houseRules.pack pack-too-small']],
  [{ columns: 5 }, ['houseRules.columns bad-house-rule']],
])('setup %j: %j', (houseRules, found) => expect(problemsOf({ game: 'column-keeper', houseRules })).toEqual(found))

test('the best number is the best of all ways to fill the columns', () => {
  const shape = { columns: 2, perColumn: 2, discards: 1 }
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 5, maxLength: 5 }),
      fc.constantFrom('largest', 'smallest', 'nearest'),
      fc.integer({ min: 0, max: 250 }),
      (cards, aim, to) => {
        const rules = { ...shape, aim, to } as KeeperRules
        const all: number[] = []
        const fill = (at: number, columns: number[][], aside: number) => {
          if (at === cards.length) return void all.push(columnsOf({ columns }).total)
          for (let i = 0; i < 2; i++)
            if (columns[i]!.length < 2)
              fill(
                at + 1,
                columns.map((column, c) => (c === i ? [...column, cards[at]!] : column)),
                aside,
              )
          if (aside < 1) fill(at + 1, columns, aside + 1)
        }
        fill(0, [[], []], 0)
        const least = Math.min(...all.map((number) => rank(rules, number)))
        expect(rank(rules, bestNumber(rules, cards)!)).toBe(least)
      },
    ),
    { numRuns: 60 },
  )
  expect(bestNumber({ ...shape, aim: 'largest', to: null } as KeeperRules, [1, 2])).toBeNull()
})
