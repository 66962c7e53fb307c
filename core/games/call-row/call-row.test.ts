import fc from 'fast-check'
import { comesTo, countCalls, hasCall, shortestCalls } from '#core/games/call-row/advice'
import { findSigns, signed, type PlusMinus } from '#core/kit/signing'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'call-row', ...parts })
const deal = (card: unknown) => play({ do: 'deal', card })
const call = (by: number, cards: unknown, signs?: unknown, more: object = {}) =>
  play({ do: 'call', by, cards, ...(signs ? { signs } : {}), ...more })
const ROW = [8, 3, 6, 9, 4].map(deal)
const TINY = { pack: { low: 4, high: 6, copies: 1 } }

test.each([
  ['a card that is none', [deal(0)], {}, 'no-such-card'],
  [
    'one too many, of those that lie and went away',
    [deal(4), deal(6), call(1, [4, 6]), deal(4)],
    TINY,
    'too-many-copies',
  ],
  ['all lie', [deal(4), deal(5), deal(6), deal(99)], TINY, 'stock-empty'],
  ['what went away comes again', [deal(4), deal(6), call(1, [4, 6]), deal(5), deal(4)], TINY, 'ok'],
  ['not more than what went away', [deal(4), deal(6), call(1, [4, 6]), deal(5), deal(5)], TINY, 'too-many-copies'],
  ['a deal with a seat', [play({ do: 'deal', card: 4, by: 1 })], {}, 'malformed'],
  ['a call of nothing', [...ROW, call(1, [])], {}, 'malformed'],
  ['a sign that is none', [...ROW, call(1, [6, 4], ['+', '*'])], {}, 'malformed'],
  ['two of a card that lies once', [...ROW, call(1, [8, 8])], {}, 'not-in-row'],
  ['a card that is in no pack', [...ROW, call(1, [11])], {}, 'no-such-card'],
  ['a stranger', [...ROW, call(3, [6, 4])], {}, 'no-such-player'],
  ['too many, before the sum', [...ROW, call(1, [8, 3, 9])], { maxCards: 2 }, 'too-many-cards'],
  ['too few signs, before their sum', [...ROW, call(1, [6, 4], ['+'])], {}, 'signs-wrong'],
  ['no signs at all in a list', [...ROW, call(1, [6, 4], [])], {}, 'signs-wrong'],
  ['a minus where all is added', [...ROW, call(1, [8, 6, 4], ['+', '+', '-'])], { signs: 'add' }, 'signs-wrong'],
  ['the wrong signs', [...ROW, call(1, [8, 6, 4], ['+', '-', '+'])], {}, 'signs-wrong'],
  ['a minus first', [...ROW, call(1, [4, 8, 6], ['-', '+', '+'])], {}, 'ok'],
  ['no signs make it', [...ROW, call(1, [8, 3])], {}, 'wrong-total'],
  ['signs make it, but not here', [...ROW, call(1, [8, 6, 4])], { signs: 'add' }, 'wrong-total'],
  ['one card', [deal(10), call(2, [10])], {}, 'ok'],
  ['a zero along', [deal(10), deal(0), call(2, [0, 10])], { pack: { low: 0, high: 10, copies: 4 } }, 'ok'],
  ['unexplained', [...ROW, call(1, [6, 4])], { explain: 'required' }, 'unexplained'],
  [
    'passed on explaining',
    [...ROW, call(1, [6, 4], undefined, { explained: true, how: 'passed' })],
    { explain: 'required' },
    'ok',
  ],
])('%s: %s', (_what, entries, houseRules, verdict) =>
  expect(inShort(game({ houseRules, entries })).at(-1)).toBe(verdict),
)

describe('a wrong call', () => {
  const wrong = call(1, [8, 3])
  const right = call(1, [6, 4])
  test('costs a step, not below nothing; only a wrong sum does', () => {
    const back = { wrongCall: 'step-back' }
    expect(scores(game({ houseRules: back, entries: [...ROW, right, wrong] }))).toEqual([0, 0])
    expect(scores(game({ houseRules: back, entries: [...ROW, wrong, right] }))).toEqual([1, 0])
    expect(scores(game({ houseRules: back, entries: [...ROW, right, call(1, [6, 4]), call(1, [12])] }))).toEqual([1, 0])
    expect(scores(game({ houseRules: back, entries: [...ROW, right, { ...wrong, overrule: 'x' }] }))).toEqual([0, 0])
  })
  test('sitting out until another card is dealt, whatever a ruling says meanwhile', () => {
    const out = { wrongCall: 'sit-out' }
    expect(inShort(game({ houseRules: out, entries: [...ROW, wrong, right, call(2, [6, 4])] })).slice(5)).toEqual([
      'wrong-total',
      'sitting-out',
      'ok',
    ])
    expect(inShort(game({ houseRules: out, entries: [...ROW, wrong, deal(1), right] })).at(-1)).toBe('ok')
    const ruling = { ruling: { houseRules: { wrongCall: 'nothing' } } }
    expect(
      inShort(game({ houseRules: out, entries: [...ROW, wrong, ruling, right, deal(1), right] })).slice(7),
    ).toEqual(['sitting-out', 'ok', 'ok'])
    expect(inShort(game({ houseRules: out, entries: [...ROW, call(1, [6, 4], ['+', '-']), right] })).slice(5)).toEqual([
      'signs-wrong',
      'sitting-out',
    ])
  })
  test('taken back, its cost is too', () => {
    expect(
      scores(game({ houseRules: { wrongCall: 'step-back' }, entries: [...ROW, right, wrong, { strike: 7 }] })),
    ).toEqual([1, 0])
  })
})

test('the end: first at the top; by award too; time at once', () => {
  const entries = [...ROW, call(2, [6, 4])]
  expect(game({ houseRules: { steps: 1 }, entries }).result).toMatchObject({ winners: [2], why: 'top-reached' })
  expect(
    game({ houseRules: { steps: 2 }, entries: [...entries, { ruling: { award: { by: 2, points: 1 } } }] }).result,
  ).toMatchObject({ winners: [2] })
  expect(game({ entries: [...entries, { call: 'time' }] }).result).toMatchObject({ winners: [2], ended: 'time' })
})

test.each([
  [{ target: 11 }, []],
  [{ target: 11, maxCards: 1 }, ['houseRules.target target-out-of-reach']],
  [{ target: 0 }, []],
  [{ target: 0, signs: 'add' }, ['houseRules.target target-out-of-reach']],
  [{ target: 1, pack: { low: 4, high: 4, copies: 3 } }, ['houseRules.target target-out-of-reach']],
  [{ target: 1, pack: { low: 4, high: 5, copies: 1 } }, []],
  [{ target: 15, pack: { low: 9, high: 10, copies: 10 } }, []],
  [{ target: 15, pack: { low: 9, high: 10, copies: 10 }, maxCards: 7 }, ['houseRules.target target-out-of-reach']],
  [{ target: 15, pack: { low: 9, high: 10, copies: 10 }, signs: 'add' }, ['houseRules.target target-out-of-reach']],
  [{ target: 221 }, ['houseRules.target target-out-of-reach']],
  [{ target: 220 }, []],
])('setup %j: %j', (houseRules, found) => expect(problemsOf({ game: 'call-row', houseRules })).toEqual(found))

/** Every way to give signs to every choice of the row’s cards, told apart by what is added and what is taken away. */
function byTrying(row: readonly number[], target: number, minus: boolean, most: number): Set<string> {
  const found = new Set<string>()
  const go = (i: number, plus: number[], less: number[]) => {
    if (i === row.length) {
      const sum = plus.reduce((a, b) => a + b, 0) - less.reduce((a, b) => a + b, 0)
      const size = plus.length + less.length
      if (size > 0 && size <= most && sum === target)
        found.add(JSON.stringify([plus.sort((a, b) => a - b), less.sort((a, b) => a - b)]))
      return
    }
    const card = row[i]!
    go(i + 1, [...plus], [...less])
    go(i + 1, [...plus, card], [...less])
    if (minus && card > 0) go(i + 1, [...plus], [...less, card])
  }
  go(0, [], [])
  return found
}

const rows = fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 0, maxLength: 7 })
test('the calls that a row holds are as many as trying finds, and the shortest come first', () => {
  fc.assert(
    fc.property(
      rows,
      fc.integer({ min: 0, max: 15 }),
      fc.boolean(),
      fc.option(fc.integer({ min: 1, max: 5 }), { nil: null }),
      (row, target, minus, maxCards) => {
        const given = { target, signs: minus ? ('add-subtract' as const) : ('add' as const), maxCards }
        const tried = byTrying(row, target, minus, maxCards ?? row.length)
        expect(countCalls(given, row)).toBe(tried.size)
        expect(hasCall(given, row)).toBe(tried.size > 0)
        const listed = shortestCalls(given, { row }, 1000)
        expect(listed.every((each) => comesTo(each) === target)).toBe(true)
        expect(new Set(listed.map((each) => JSON.stringify(each))).size).toBe(listed.length)
        const short = [...tried].filter((each) => (JSON.parse(each) as number[][]).flat().length <= 6)
        expect(listed).toHaveLength(short.length)
        const sizes = listed.map(({ terms }) => terms.length)
        expect(sizes).toEqual([...sizes].sort((a, b) => a - b))
      },
    ),
    { numRuns: 150 },
  )
})

test('signs are found where there are any, with as few minuses as can be', () => {
  fc.assert(
    fc.property(rows, fc.integer({ min: 0, max: 20 }), (cards, target) => {
      const found = findSigns(cards, target, true)
      const minuses: number[] = []
      for (let n = 0; n < 2 ** cards.length; n++) {
        const signs = cards.map((_, i): PlusMinus => ((n >> i) & 1 ? '-' : '+'))
        if (cards.length && signed(cards, signs) === target) minuses.push(signs.filter((sign) => sign === '-').length)
      }
      if (!minuses.length) return expect(found).toBeNull()
      expect(signed(cards, found!)).toBe(target)
      expect(found!.filter((sign) => sign === '-')).toHaveLength(Math.min(...minuses))
    }),
  )
})
