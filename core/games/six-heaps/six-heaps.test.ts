import { bestPlaces, mayHold, placesFor } from '#core/games/six-heaps/advice'
import { linesThrough, runsThrough } from '#core/games/six-heaps/block'
import { sixHeaps } from '#core/games/six-heaps/index'
import type { HeapRules, HeapState } from '#core/games/six-heaps/rules'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'six-heaps', ...parts })
const put = (by: number, card: unknown, at: unknown, more: object = {}) => play({ do: 'place', by, card, at, ...more })
const pass = (by: number) => play({ do: 'pass', by })
const last = (houseRules: Record<string, unknown>, entries: unknown[]) => inShort(game({ houseRules, entries })).at(-1)
/** One row of two places, few cards: short matches. */
const TINY = { rows: 1, columns: 2, pack: { low: 7, high: 8, copies: 2 }, hand: 1, target: 15 }
const OVER = { overrule: 'they hold it' }

test.each([
  ['a card that is none', [put(1, 11, [1, 1])], {}, 'no-such-card'],
  ['a drawn one that is none, before copies', [put(1, 5, [1, 1], { drew: 0 })], {}, 'no-such-card'],
  ['no such row', [put(1, 5, [3, 1])], {}, 'no-such-heap'],
  ['no such column', [put(1, 5, [1, 0])], {}, 'no-such-heap'],
  ['no place', [put(1, 5, [1])], {}, 'malformed'],
  ['the neighbour', [put(2, 5, [1, 1])], {}, 'not-their-turn'],
  ['onto its own number', [put(1, 5, [1, 1]), put(2, 5, [1, 1])], {}, 'same-number'],
  ['onto another', [put(1, 5, [1, 1]), put(2, 6, [1, 1])], {}, 'ok'],
  [
    'a third of two, covered ones counted',
    [put(1, 7, [1, 1]), put(2, 8, [1, 1]), put(1, 7, [1, 2]), put(2, 7, [1, 1])],
    TINY,
    'too-many-copies',
  ],
  [
    'a draw from nothing, before it is looked at',
    [put(1, 7, [1, 1], { drew: 99 })],
    { ...TINY, hand: 2 },
    'stock-empty',
  ],
  ['a drawn card of which all lie', [put(1, 7, [1, 1]), put(2, 7, [1, 2], { drew: 7 })], TINY, 'too-many-copies'],
  [
    'a drawn card that is known in another hand',
    [put(1, 8, [1, 1], { drew: 7 }), put(2, 7, [1, 2], { drew: 7 })],
    TINY,
    'too-many-copies',
  ],
  ['a card that is known in another hand', [put(1, 7, [1, 1], { drew: 7 }), put(2, 7, [1, 2])], TINY, 'not-in-hand'],
  ['the same, overruled', [put(1, 7, [1, 1], { drew: 7 }), { ...put(2, 7, [1, 2]), ...OVER }], TINY, 'ok'],
  [
    'another card than the known hand',
    [put(1, 7, [1, 1], { drew: 7 }), put(2, 8, [1, 2]), put(1, 8, [1, 1])],
    TINY,
    'not-in-hand',
  ],
  ['passing with places bare', [pass(1)], {}, 'can-still-place'],
  ['passing with another number on top', [put(1, 7, [1, 1]), put(2, 8, [1, 2]), pass(1)], TINY, 'can-still-place'],
  ['not explained, where nothing scored', [put(1, 7, [1, 1])], { explain: 'required' }, 'ok'],
  [
    'not explained, where it scored',
    [put(1, 7, [1, 1]), put(2, 8, [1, 2])],
    { ...TINY, explain: 'required' },
    'unexplained',
  ],
  ['a line named badly', [put(1, 7, [1, 1], { spotted: [[1, 1]] })], {}, 'malformed'],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(last(houseRules, entries)).toBe(verdict))

describe('lines', () => {
  const heaps = [
    [[5], [7, 1], [8]],
    [[9], [], [6]],
  ]
  test('straight, unbroken, along the row and down the column', () => {
    expect(runsThrough(heaps, [1, 3])).toHaveLength(3)
    expect(linesThrough(heaps, [1, 3], 14)).toEqual([
      [
        [1, 1],
        [1, 2],
        [1, 3],
      ],
      [
        [1, 3],
        [2, 3],
      ],
    ])
    // The bare place breaks the row.
    expect(runsThrough(heaps, [2, 3])).toEqual([
      [
        [1, 3],
        [2, 3],
      ],
    ])
  })
  test('a zero at the end makes a second line', () => {
    const row = [put(1, 8, [1, 1]), put(2, 0, [1, 3]), put(1, 6, [1, 2])]
    expect(scores(game({ houseRules: { pack: { low: 0, high: 10, copies: 4 } }, entries: row }))).toEqual([2, 0])
  })
  test('only what is named scores; any order, twice is once, a wrong one nothing', () => {
    const first = put(1, 8, [1, 1])
    const spotted = (lines: unknown) =>
      scores(game({ houseRules: { counted: 'spotted' }, entries: [first, put(2, 6, [1, 2], { spotted: lines })] }))[1]
    expect(
      spotted([
        [
          [1, 2],
          [1, 1],
        ],
      ]),
    ).toBe(1)
    expect(
      spotted([
        [
          [1, 1],
          [1, 2],
        ],
        [
          [1, 2],
          [1, 1],
        ],
      ]),
    ).toBe(1)
    expect(spotted([])).toBe(0)
    expect(
      spotted([
        [
          [1, 1],
          [1, 1],
        ],
      ]),
    ).toBe(0)
    expect(
      spotted([
        [
          [1, 1],
          [2, 1],
        ],
      ]),
    ).toBe(0)
    expect(
      spotted([
        [
          [9, 9],
          [1, 1],
        ],
      ]),
    ).toBe(0)
  })
  test('under “every line” naming changes nothing', () => {
    const answer = game({ entries: [put(1, 8, [1, 1]), put(2, 6, [1, 2], { spotted: [[[9, 9]]] })] })
    expect([scores(answer), answer.verdicts.at(-1)!.notes?.map(({ code }) => code)]).toEqual([[0, 1], ['placed']])
  })
})

describe('the end', () => {
  test('all cards played', () => {
    const entries = [put(1, 7, [1, 1]), put(2, 8, [1, 1]), put(1, 7, [1, 2]), put(2, 8, [1, 2])]
    expect(game({ houseRules: TINY, entries }).result).toMatchObject({ winners: [1], why: 'cards-out' })
  })
  test('a goal, also by an award or a ruling', () => {
    const entries = [put(1, 7, [1, 1]), put(2, 8, [1, 2])]
    expect(game({ houseRules: { ...TINY, goal: 1 }, entries }).result).toMatchObject({
      winners: [2],
      why: 'goal-reached',
    })
    expect(
      game({ houseRules: TINY, entries: [...entries, { ruling: { houseRules: { goal: 1 } } }] }).result,
    ).toMatchObject({ winners: [2] })
    expect(
      game({ houseRules: { goal: 2 }, entries: [{ ruling: { award: { by: 1, points: 2 } } }] }).result,
    ).toMatchObject({ winners: [1] })
  })
  test('everybody passes in a row; a pass shows the hand', () => {
    const rules = { ...TINY, pack: { low: 7, high: 8, copies: 4 }, target: 16 }
    const same = [put(1, 8, [1, 1]), put(2, 7, [1, 2]), put(1, 7, [1, 1])]
    const answer = game({ houseRules: rules, entries: [...same, pass(2), pass(1)] })
    expect([inShort(answer).slice(3), answer.result]).toMatchObject([
      ['ok', 'ok'],
      { winners: [1, 2], why: 'all-passed' },
    ])
    expect(
      last({ ...rules, pack: { low: 7, high: 8, copies: 4 } }, [
        ...same,
        pass(2),
        put(1, 8, [1, 1]),
        put(2, 8, [1, 2]),
      ]),
    ).toBe('not-in-hand')
  })
  test('a seat without cards is passed over', () => {
    const rules = { ...TINY, pack: { low: 5, high: 9, copies: 1 }, hand: 1, columns: 3, target: 14 }
    const answer = game({
      houseRules: rules,
      entries: [put(1, 5, [1, 1]), put(2, 6, [1, 2]), put(1, 7, [1, 3]), put(2, 8, [1, 1])],
    })
    expect(answer.awaits?.seats).toEqual([1])
  })
  test('time finishes the round', () => {
    const entries = [put(1, 8, [1, 1]), { call: 'time' }, put(2, 6, [1, 2])]
    expect(game({ entries: entries.slice(0, 2) }).result).toBeNull()
    expect(game({ entries }).result).toMatchObject({ winners: [2], ended: 'time' })
  })
})

test.each([
  [{ target: 31 }, 2, ['houseRules.target target-out-of-reach']],
  [{ target: 30 }, 2, []],
  [{ target: 21, rows: 2, columns: 2 }, 2, ['houseRules.target target-out-of-reach']],
  [{ rows: 1, columns: 1 }, 2, ['houseRules.target target-out-of-reach']],
  [{ hand: 21 }, 2, ['houseRules.hand bad-house-rule']],
  [{ hand: 15 }, 3, ['houseRules.pack pack-too-small']],
  [{ answers: 'off' }, 2, ['houseRules.answers answers-not-offered']],
])('setup %j with %i: %j', (houseRules, seats, found) =>
  expect(problemsOf({ game: 'six-heaps', houseRules, players: ['Ines', 'Tomasz', 'Odalys'].slice(0, seats) })).toEqual(
    found,
  ),
)

test('dealt, hands are known; the board knows none of them', () => {
  const answer = game({ source: 'dealt', seed: 'mole', entries: [] })
  expect(answer.accepted).toBe(true)
  const rules = sixHeaps.houseRules.parse({}) as unknown as HeapRules
  const { state } = sixHeaps.open(rules, { seats: 2, first: 1, source: 'dealt', seed: 'mole' }, null) as {
    state: HeapState
  }
  expect(state.hands[0]!.known).toHaveLength(5)
  expect(JSON.stringify(sixHeaps.view(rules, state))).not.toContain('known')
  expect(mayHold(rules, state, 1)).toEqual([...new Set(state.hands[0]!.known)].sort((a, b) => a - b))
})

test('where a card would score, and the best of a hand', () => {
  const state = {
    heaps: [
      [[8], [], [4]],
      [[6], [], []],
    ],
  }
  const rules = { target: 14 }
  const scoring = placesFor(rules, state, 2).filter(({ lines }) => lines.length)
  expect(scoring.map(({ at, lines }) => [at, lines.length])).toEqual([[[1, 2], 1]])
  expect(bestPlaces(rules, state, [2, 8]).map(({ card, at }) => [card, at])).toEqual([
    [2, [1, 2]],
    [8, [2, 2]],
  ])
  expect(bestPlaces(rules, state, [1])).toEqual([])
})
