import { CHAINS, nextIn, wholeRow, type Chain } from '#core/games/last-digit-chains/chains'
import { dealOpening } from '#core/games/last-digit-chains/bot'
import { lastDigitChains } from '#core/games/last-digit-chains/index'
import { open, takesOf, toFans, type ChainRules, type ChainState } from '#core/games/last-digit-chains/rules'
import { solve } from '#core/games/last-digit-chains/solve'
import { countsOf } from '#core/kit/pack'
import { randomFor } from '#core/basics/random'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const SHORT: Chain = CHAINS.short
const ROWS = SHORT.starts.map((_, row) => wholeRow(SHORT, row))
/** Laid in this order everything comes out. */
const ORDER = [...ROWS.flatMap((row) => row.slice(0, 2)), ...ROWS.flatMap((row) => row.slice(2))]
const EASY = toFans(ORDER, 4).map((fan) => fan.reverse())
/** Tops with which no row begins. */
const BURIED = (() => {
  const tops = [8, 8, 8, 4, 4, 4, 2, 2, 2]
  const rest = [...ORDER]
  for (const card of tops) rest.splice(rest.indexOf(card), 1)
  return tops.map((top, i) => [...rest.slice(3 * i, 3 * i + 3), top])
})()
const THREES = toFans(ORDER, 3).map((fan) => fan.reverse())
const take = (by: number, fan: unknown, row: number, more: object = {}) => play({ do: 'take', by, fan, row, ...more })
const redeal = (by: number, fans: unknown) => play({ do: 'redeal', by, fans })
const done = (by: number) => play({ do: 'done', by })
const alone = (
  fans: readonly (readonly number[])[],
  houseRules: Record<string, unknown> = {},
  entries: unknown[] = [],
): FileParts => ({
  game: 'last-digit-chains',
  players: ['Ines'],
  opening: { fans: [fans] },
  houseRules,
  entries,
})
const last = (parts: FileParts) => inShort(judged(parts)).at(-1)
const START = [
  take(1, 1, 1),
  take(1, 1, 1),
  take(1, 1, 2),
  take(1, 1, 2),
  take(1, 2, 3),
  take(1, 2, 3),
  take(1, 2, 4),
  take(1, 2, 4),
]

describe.each([
  ['short', CHAINS.short as Chain],
  ['long', CHAINS.long as Chain],
])('the %s pack', (_name, chain) => {
  const rows = chain.starts.map((_, row) => wholeRow(chain, row))
  test('is exactly what the rows hold', () => {
    const counts = countsOf(rows.flat())
    expect(chain.copies.map((_, digit) => counts.get(digit) ?? 0)).toEqual(chain.copies)
    expect(rows.flat()).toHaveLength(chain.cards)
  })
  test('the last two of a row make the first of the next', () => {
    rows.forEach((row, i) => expect((row.at(-1)! + row.at(-2)!) % 10).toBe(rows[(i + 1) % 4]![0]))
  })
  test('is dealt whole, in fans', () => {
    const rules = { chain: chain.length === 9 ? 'short' : 'long', fan: 4 } as unknown as ChainRules
    const { fans } = dealOpening(rules, 2, randomFor('fans'))
    expect(fans.map((layout) => layout.flat().sort())).toEqual([rows.flat().sort(), rows.flat().sort()])
  })
})
test('short rows end with the card that they began with', () =>
  expect(ROWS.every((row) => row[0] === row.at(-1))).toBe(true))

test.each([
  ['the first card', [take(1, 1, 1)], {}, 'ok'],
  ['the second before the first', [take(1, 1, 2)], {}, 'not-the-next'],
  ['no such fan', [take(1, 10, 1)], {}, 'no-such-fan'],
  ['fan nought', [take(1, 0, 9)], {}, 'no-such-fan'],
  ['no such row', [take(1, 1, 0)], {}, 'no-such-row'],
  ['an empty fan', [...START, take(1, 1, 1)], {}, 'fan-empty'],
  ['past the starting cards too early', [take(1, 1, 1), take(1, 1, 1), take(1, 1, 1)], {}, 'starts-first'],
  [
    'the same where that need not be',
    [take(1, 1, 1), take(1, 1, 1), take(1, 1, 1)],
    { startsFirst: false },
    'not-the-next',
  ],
  ['after all starting cards', [...START, take(1, 3, 1)], {}, 'ok'],
  ['the whole sum’s first digit', [...START, take(1, 3, 3)], {}, 'not-the-next'],
  ['a redeal while something fits', [redeal(1, THREES)], {}, 'not-stuck'],
  ['after stopping', [done(1), take(1, 1, 1)], {}, 'match-over'],
  ['not explained', [take(1, 1, 1)], { explain: 'required' }, 'unexplained'],
  ['half a fan', [take(1, 1.5, 1)], {}, 'malformed'],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(last(alone(EASY, houseRules, entries))).toBe(verdict))

test.each([
  ['none agreed, and the match is over', [redeal(1, THREES)], { redeals: 0 }, 'match-over'],
  ['fans as large as before', [redeal(1, BURIED)], {}, 'wrong-fan-size'],
  ['a small one in the middle', [redeal(1, [[1], ...THREES])], {}, 'wrong-fan-size'],
  ['an empty one at the end', [redeal(1, [...THREES, []])], {}, 'wrong-fan-size'],
  ['other cards', [redeal(1, [[9, 9, 9], ...THREES.slice(1)])], {}, 'cards-differ'],
  ['a card of no pack', [redeal(1, [[12, 9, 9], ...THREES.slice(1)])], {}, 'cards-differ'],
  ['too few cards', [redeal(1, THREES.slice(1))], {}, 'cards-differ'],
  ['as it should be', [redeal(1, THREES)], {}, 'ok'],
  ['and then on', [redeal(1, THREES), take(1, 1, 1)], {}, 'ok'],
  ['a second one', [redeal(1, THREES), redeal(1, THREES)], {}, 'no-redeals-left'],
])('redeal, %s: %s', (_what, entries, houseRules, verdict) =>
  expect(last(alone(BURIED, houseRules, entries))).toBe(verdict),
)

describe('the end', () => {
  test('complete: all rows laid, nothing is left', () => {
    const fans = ORDER.map((_, i) => 1 + Math.floor(i / 4))
    const rows = [1, 1, 2, 2, 3, 3, 4, 4, ...[1, 2, 3, 4].flatMap((row) => Array.from({ length: 7 }, () => row))]
    const entries = ORDER.map((_, i) => take(1, fans[i], rows[i]!))
    const answer = judged(alone(EASY, {}, entries))
    expect([answer.result, scores(answer)]).toMatchObject([{ winners: [1], why: 'fewest-left' }, [0]])
    expect(last(alone(EASY, {}, [...entries.slice(0, 15), take(1, 4, 1)]))).toBe('row-full')
  })
  test('stuck without a redeal; a ruling of more lets a layout go on while the match does', () => {
    expect(judged(alone(BURIED, { redeals: 0 })).result).toMatchObject({ winners: [1] })
    const two: FileParts = {
      ...alone(BURIED, { redeals: 0 }),
      players: ['Ines', 'Tomasz'],
      opening: { fans: [BURIED, EASY] },
    }
    const more = { ruling: { houseRules: { redeals: 1 } } }
    expect(
      inShort(
        judged({
          ...two,
          entries: [redeal(1, THREES), more, redeal(1, THREES), { ruling: { houseRules: { redeals: 4 } } }],
        }),
      ),
    ).toEqual(['not-now', 'ok', 'ok', 'bad-house-rule'])
  })
  test('fewest cards left wins; time ends it at once; no points are given', () => {
    const two: FileParts = { ...alone(EASY), players: ['Ines', 'Tomasz'], opening: { fans: [EASY, EASY] } }
    expect(judged({ ...two, entries: [take(2, 1, 1), { call: 'time' }] }).result).toMatchObject({
      winners: [2],
      ended: 'time',
    })
    expect(judged({ ...two, entries: [take(2, 1, 1), done(2), take(1, 1, 1), done(1)] }).result).toMatchObject({
      winners: [1, 2],
      shared: true,
    })
    expect(inShort(judged({ ...two, entries: [{ ruling: { award: { by: 1, points: 1 } } }] }))).toEqual([
      'no-points-here',
    ])
  })
})

test.each([
  [[EASY.slice(1)], {}, ['opening.fans.0 bad-opening']],
  [[THREES], {}, ['opening.fans.0 bad-opening']],
  [[THREES], { fan: 3 }, []],
  [[[...EASY.slice(0, -1), [5, 5, 5, 5]]], {}, ['opening.fans.0 bad-opening']],
  [[EASY, EASY], {}, ['opening.fans bad-opening']],
  [null, {}, ['opening.fans bad-opening']],
  [[EASY], { redeals: 4 }, ['houseRules.redeals bad-house-rule']],
  [[EASY], { chain: 'long' }, ['opening.fans.0 bad-opening']],
  [[EASY], { answers: 'off' }, ['houseRules.answers answers-not-offered']],
])('opening %#: %j', (fans, houseRules, found) =>
  expect(problemsOf({ ...alone(EASY, houseRules), opening: { fans } })).toEqual(found),
)

test('a long chain has fans of three by itself', () => {
  expect(lastDigitChains.defaults!({ chain: 'long' }, 1)).toEqual({ fan: 3 })
})

describe('whether a layout can be completed', () => {
  const rules = { chain: 'short' as const, startsFirst: true }
  const layoutOf = (fans: readonly (readonly number[])[]) => {
    const given = { ...rules, fan: 4, redeals: 0 } as unknown as ChainRules
    return (open(given, { seats: 1 }, { fans: [fans] }) as { state: ChainState }).state.layouts[0]!
  }
  test('the takes that are found complete it', () => {
    const start = layoutOf(EASY)
    const { takes, finished } = solve(rules, start)
    expect([takes?.length, finished]).toEqual([36, true])
    let layout = start
    for (const { fan, row } of takes!) {
      expect(takesOf(rules, layout).some((each) => each.fan === fan && each.row === row)).toBe(true)
      const card = layout.fans[fan - 1]!.at(-1)!
      expect(nextIn(SHORT, row - 1, layout.rows[row - 1]!)).toBe(card)
      layout = {
        ...layout,
        fans: layout.fans.map((other, i) => (i === fan - 1 ? other.slice(0, -1) : other)),
        rows: layout.rows.map((other, i) => (i === row - 1 ? [...other, card] : other)),
      }
    }
    expect(layout.fans.flat()).toEqual([])
  })
  test('where nothing begins, it can’t', () =>
    expect(solve(rules, layoutOf(BURIED))).toMatchObject({ takes: null, finished: true, states: 1 }))
  test('stopped, it says that it is not certain', () => {
    const given = { chain: 'long', fan: 3, redeals: 0, startsFirst: true } as unknown as ChainRules
    const fans = dealOpening(given, 1, randomFor('slow', 3)).fans
    const layout = (open(given, { seats: 1 }, { fans }) as { state: ChainState }).state.layouts[0]!
    const whole = solve(given, layout, () => false)
    expect(whole.finished || whole.takes === null).toBe(true)
  })
})
