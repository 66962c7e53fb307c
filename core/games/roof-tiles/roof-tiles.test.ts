import fc from 'fast-check'
import { openMatch } from '#core/kernel/match'
import { randomFor } from '#core/basics/random'
import { foldTape } from '#core/kernel/tape'
import { roofTiles } from './index'
import { accountOf } from './layout'
import type { RoofRules } from './houseRules'
import type { RoofState } from './rules'
import { solve } from '#core/games/roof-tiles/solve'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

/** Three rows: 4 on top, then 6 5, then 3 7 8. */
const ROOF = [[4], [6, 5], [3, 7, 8]]
const game = ({ houseRules = {}, players = ['Ines'], ...parts }: FileParts & { roofs?: number[][][] }) =>
  judged({
    game: 'roof-tiles',
    players,
    houseRules: { rows: 3, ...houseRules },
    opening: { layouts: players.map(() => ROOF) },
    ...parts,
  })
const take = (tiles: string, turned = false, more: object = {}) =>
  play({
    do: 'take',
    by: 1,
    tiles: tiles
      .split(' ')
      .filter(Boolean)
      .map((tile) => tile.split('.').map(Number)),
    ...(turned ? { turned: true } : {}),
    ...more,
  })
const turn = (card: number, by = 1) => play({ do: 'turn', by, card })
const done = (by = 1) => play({ do: 'done', by })

test.each([
  ['two open tiles', [take('3.1 3.2')], {}, 'ok'],
  ['a tile that isn’t', [take('3.4')], {}, 'no-such-tile'],
  ['row nought', [take('0.1')], {}, 'no-such-tile'],
  ['the fourth row of three', [take('4.1')], {}, 'no-such-tile'],
  ['a tile taken before', [take('3.1 3.2'), take('3.1')], {}, 'already-gone'],
  ['the same tile twice', [take('3.1 3.1')], {}, 'already-gone'],
  ['under one other', [take('3.1 3.2'), take('2.2')], {}, 'covered'],
  ['both covers gone', [take('3.1 3.2'), turn(4), take('2.1', true)], {}, 'ok'],
  ['covered by its own partner', [take('2.1 3.1')], {}, 'covered'],
  ['three tiles', [take('3.1 3.2 3.3')], {}, 'too-many-tiles'],
  ['two tiles and the turned card', [turn(1), take('3.1 3.2', true)], {}, 'too-many-tiles'],
  ['the turned card where none is', [take('3.1', true)], {}, 'nothing-turned'],
  ['eleven', [take('3.1 3.3')], {}, 'wrong-total'],
  ['nothing at all', [take('')], {}, 'wrong-total'],
  ['with the turned card', [turn(2), take('3.3', true)], {}, 'ok'],
  ['the turned ten alone', [turn(10), take('', true)], {}, 'ok'],
  ['the turned nine alone', [turn(9), take('', true)], {}, 'wrong-total'],
  ['turned: false', [play({ do: 'take', by: 1, tiles: [[3, 1]], turned: false })], {}, 'malformed'],
  ['a tile of one number', [play({ do: 'take', by: 1, tiles: [[3]] })], {}, 'malformed'],
  ['an eleven turned', [turn(11)], {}, 'no-such-card'],
  ['a third copy of two', [turn(3), turn(3)], { pack: { low: 1, high: 10, copies: 2 } }, 'too-many-copies'],
  [
    'the same, overruled',
    [turn(3), { ...turn(3), overrule: 'I saw it' }],
    { pack: { low: 1, high: 10, copies: 2 } },
    'ok',
  ],
  ['not explained', [take('3.1 3.2')], { explain: 'required' }, 'unexplained'],
  ['after stopping', [done(), turn(1)], {}, 'not-now'],
])('%s: %s', (_what, entries, houseRules, verdict) => {
  // A second player keeps the match going when the first has stopped.
  expect(inShort(game({ players: ['Ines', 'Bao'], houseRules, entries })).at(-1)).toBe(verdict)
})

describe('the stock', () => {
  /** Six tiles, four cards in the stock: 1, 2, 9, 10. */
  const houseRules = { pack: { low: 1, high: 10, copies: 1 } }
  const stock = [turn(1), turn(2), turn(9), turn(10)]
  test('is gone through as often as agreed, in the same order', () => {
    const once = [...stock, turn(1)]
    expect(inShort(game({ houseRules, entries: once })).at(-1)).toBe('stock-empty')
    expect(inShort(game({ houseRules: { ...houseRules, passes: 2 }, entries: once })).at(-1)).toBe('ok')
    expect(inShort(game({ houseRules: { ...houseRules, passes: 2 }, entries: [...stock, turn(2)] })).at(-1)).toBe(
      'seen-different',
    )
    expect(inShort(game({ houseRules: { ...houseRules, passes: 2 }, entries: [...stock, turn(11)] })).at(-1)).toBe(
      'no-such-card',
    )
    expect(
      inShort(
        game({ houseRules: { ...houseRules, passes: 2 }, entries: [...stock, { ...turn(2), overrule: 'dropped' }] }),
      ).at(-1),
    ).toBe('ok')
  })
  test('a card that was used is not turned again', () => {
    const entries = [turn(1), turn(2), take('3.3', true), turn(9), turn(10), turn(1), turn(9)]
    expect(inShort(game({ houseRules: { ...houseRules, passes: 2 }, entries })).at(-1)).toBe('ok')
  })
  test('stays: the card below comes back in reach; gone: only the newest, till the next pass', () => {
    const below = [turn(2), turn(10), take('', true), take('3.3', true)]
    expect(inShort(game({ houseRules, entries: below }))).toEqual(['ok', 'ok', 'ok', 'ok'])
    expect(inShort(game({ houseRules: { ...houseRules, turned: 'gone' }, entries: below }))).toEqual([
      'ok',
      'ok',
      'ok',
      'nothing-turned',
    ])
    const next = [...below.slice(0, 3), turn(1), turn(9), turn(2), take('3.3', true)]
    expect(inShort(game({ houseRules: { ...houseRules, turned: 'gone', passes: 2 }, entries: next })).slice(3)).toEqual(
      ['ok', 'ok', 'ok', 'ok'],
    )
  })
})

describe('the end of a layout', () => {
  const pack = { low: 1, high: 10, copies: 1 }
  test('cleared is perfect', () => {
    const roof = [[10], [4, 6], [3, 7, 10]]
    const entries = [take('3.1 3.2'), take('3.3'), take('2.1 2.2'), take('1.1')]
    const answer = game({ opening: { layouts: [roof] }, entries })
    expect(answer.result).toMatchObject({ winners: [1] })
    expect(scores(answer)).toEqual([0])
  })
  test('by itself when nothing can be taken and nothing turned; the sum left counts', () => {
    const entries = [take('3.1 3.2'), turn(1), turn(2), take('3.3', true), turn(9), turn(10), take('', true)]
    const stuck = game({ houseRules: { pack }, entries })
    expect(stuck.result).toMatchObject({ winners: [1] })
    expect(scores(stuck)).toEqual([15])
    expect(stuck.verdicts.at(-1)!.notes).toContainEqual({
      code: 'layout-ended',
      facts: { by: 1, why: 'stuck', left: 15, groups: [[6, 4], [5]] },
    })
  })
  test('a ruling of more passes lets it go on', () => {
    const entries = [...[1, 2, 9, 10].map((card) => turn(card)), take('', true), take('3.1 3.2')]
    const more = { ruling: { houseRules: { passes: 2 } } }
    const players = ['Ines', 'Bao']
    expect(inShort(game({ players, houseRules: { pack }, entries: [...entries, turn(1)] })).at(-1)).toBe('not-now')
    expect(inShort(game({ players, houseRules: { pack }, entries: [...entries, more, turn(1)] })).at(-1)).toBe('ok')
  })
  test('the match ends when every layout has; the least left wins', () => {
    const players = ['Ines', 'Bao']
    const entries = [take('3.1 3.2'), done(), done(2)]
    expect(game({ players, entries: entries.slice(0, 2) }).awaits!.seats).toEqual([2])
    const answer = game({ players, entries })
    expect([answer.result!.winners, scores(answer)]).toEqual([[1], [23, 33]])
    expect(game({ players, entries: [take('3.1 3.2'), { call: 'time' }] }).result).toMatchObject({
      winners: [1],
      ended: 'time',
    })
    expect(inShort(game({ entries: [{ ruling: { award: { by: 1, points: 1 } } }] }))).toEqual(['no-points-here'])
  })
  test('it is said when the roof can’t be cleared any more', () => {
    const copies = { low: 1, high: 10, copies: 1 }
    // The only 4 lies on top, so the 6 under it can never go with it; no other 4 is there.
    const answer = game({
      houseRules: { pack: copies },
      opening: { layouts: [[[1], [6, 5], [4, 7, 3]]] },
      entries: [take('3.2 3.3'), turn(10)],
    })
    expect(answer.verdicts.flatMap(({ notes }) => notes ?? []).filter(({ code }) => code === 'cannot-clear')).toEqual(
      [],
    )
    const used = game({
      houseRules: { pack: copies },
      opening: { layouts: [[[1], [6, 5], [8, 7, 3]]] },
      entries: [turn(4), turn(2), take('3.1', true)],
    })
    expect(inShort(used)).toEqual(['ok', 'ok', 'ok'])
  })
})

test.each([
  [{ layouts: [ROOF, ROOF] }, 'opening.layouts'],
  [{ layouts: [[[4], [6, 5]]] }, 'opening.layouts.0'],
  [{ layouts: [[[4], [6], [3, 7, 8]]] }, 'opening.layouts.0.1'],
  [{ layouts: [[[4], [6, 5], [3, 7, 11]]] }, 'opening.layouts.0'],
  [{ layouts: [[[4], [4, 4], [4, 4, 8]]] }, 'opening.layouts.0'],
  [{ layouts: 'roof' }, 'opening.layouts'],
  [{ roof: [] }, 'opening.layouts'],
  [null, 'opening'],
])('opening %j is refused at %s', (opening, path) => {
  expect(problemsOf({ game: 'roof-tiles', players: ['Ines'], houseRules: { rows: 3 }, opening })).toContain(
    `${path} bad-opening`,
  )
})

test.each([
  [{ rows: 6, pack: { low: 1, high: 5, copies: 4 } }, 'houseRules.pack pack-too-small'],
  [{ rows: 1, target: 25 }, 'houseRules.target target-out-of-reach'],
  [{ rows: 1, target: 10, pack: { low: 5, high: 5, copies: 1 } }, 'houseRules.target target-out-of-reach'],
  [{ rows: 1, answers: 'off' }, 'houseRules.answers answers-not-offered'],
  [{ passes: 4 }, 'houseRules.passes bad-house-rule'],
])('setup %j: %s', (houseRules, found) => {
  expect(problemsOf({ game: 'roof-tiles', players: ['Ines'], houseRules, opening: { layouts: [[[1]]] } })).toContain(
    found,
  )
})

describe('the account of an ended roof', () => {
  const after = (entries: unknown[], houseRules: object = {}) => {
    const opened = openMatch(roofTiles as never, {
      houseRules: { rows: 3, ...houseRules },
      players: ['Ines'],
      first: 1,
      source: 'table',
      seed: null,
      opening: { layouts: [ROOF] },
    })
    if (!opened.ok) throw new Error('not opened')
    const { state } = foldTape(opened.table, opened.state, entries)
    return accountOf(state.rules as unknown as RoofRules, (state.game as RoofState).layouts[0]!)
  }
  const small = { pack: { low: 1, high: 9, copies: 1 }, target: 9 }
  test('names what must still lie in the stock', () => {
    // Nine cards make 45, five nines. 4 + 5 are still on the roof with 6 and 3 7 8; 1 is turned, 2 and 9 are not.
    expect(after([turn(1), done()], small)).toEqual({ onRoof: 33, turned: 1, stock: [2, 9], sum: 45 })
    expect(after([turn(1), take('3.3', true), turn(9), take('', true), done()], small)).toEqual({
      onRoof: 25,
      turned: 0,
      stock: [2],
      sum: 27,
    })
  })
  test('in a later pass the stock is named in its order', () => {
    expect(after([turn(9), turn(1), turn(2), turn(9), done()], { ...small, passes: 2 })).toMatchObject({
      turned: 9,
      stock: [1, 2],
      sum: 45,
    })
  })
  test('says nothing where the pack is no multiple of the target, or a card too many was let pass', () => {
    expect(after([turn(1), done()], { ...small, target: 10 })).toBeNull()
    expect(
      after([{ play: { do: 'turn', by: 1, card: 3 }, overrule: 'a second pack got in' }, done()], small),
    ).toBeNull()
  })
  test('whatever is played, the sum is a multiple of the target', () => {
    fc.assert(
      fc.property(fc.integer(), fc.nat(60), (seed, plays) => {
        const random = randomFor(String(seed), 'account')
        const opening = roofTiles.dealOpening!({ ...rulesOf(), rows: 6 }, 1, random)
        const opened = openMatch(roofTiles as never, {
          houseRules: {},
          players: ['Ines'],
          first: 1,
          source: 'dealt',
          seed: String(seed),
          opening,
        })
        if (!opened.ok) throw new Error('not opened')
        let tape = foldTape(opened.table, opened.state, [])
        for (let n = 0; n < plays && !tape.state.result; n++)
          tape = foldTape(opened.table, opened.state, [
            ...tape.lines.map(({ raw }) => raw),
            play(roofTiles.bot(tape.state.rules as never, tape.state.game as RoofState, 1, random)),
          ])
        const account = accountOf(tape.state.rules as unknown as RoofRules, (tape.state.game as RoofState).layouts[0]!)
        expect(account!.sum % 10).toBe(0)
        expect(account!.stock).toHaveLength((tape.state.game as RoofState).layouts[0]!.unseen)
      }),
      { numRuns: 30 },
    )
  })
  const rulesOf = () => roofTiles.houseRules.parse({}) as unknown as RoofRules
})

describe('the best reachable score', () => {
  const rules = { target: 10, rows: 3, passes: 1, turned: 'stays' as const }
  test('finds the order that clears', () => {
    expect(solve(rules, { cards: [4, 6, 5, 3, 7, 8], stock: [2, 5, 4, 6] })).toMatchObject({ left: 0, finished: true })
  })
  test('knows what can’t be', () => {
    expect(solve(rules, { cards: [1, 1, 1, 1, 1, 1], stock: [2, 3] })).toMatchObject({ left: 6, finished: true })
    expect(solve(rules, { cards: [4, 6, 5, 3, 7, 8], stock: [] })).toMatchObject({ left: 23, finished: true })
  })
  test('agrees with trying every play, and a stopped search says so', () => {
    const roof = { low: 1, high: 6, copies: 2 }
    const deal = { cards: [1, 2, 3, 4, 5, 6], stock: [6, 5, 4, 3, 2, 1] }
    const best = (entries: unknown[]): number => {
      const answer = judged({
        game: 'roof-tiles',
        players: ['Ines'],
        houseRules: { rows: 3, target: 7, pack: roof },
        opening: { layouts: [[[1], [2, 3], [4, 5, 6]]] },
        entries,
      })
      if (!answer.verdicts.every(({ stands }) => stands)) return Infinity
      const turned = entries.filter((entry) => (entry as { play: { do: string } }).play.do === 'turn').length
      const tiles = ['1.1', '2.1', '2.2', '3.1', '3.2', '3.3']
      const tries = [
        ...tiles.flatMap((tile, i) => [
          take(tile, true),
          ...tiles.slice(i + 1).map((other) => take(`${tile} ${other}`)),
        ]),
        ...(turned < deal.stock.length ? [turn(deal.stock[turned]!)] : []),
      ]
      return Math.min(scores(answer)[0]!, ...(answer.result ? [] : tries.map((next) => best([...entries, next]))))
    }
    expect(solve({ ...rules, target: 7 }, deal)).toMatchObject({ left: best([]), finished: true })
    expect(
      solve(
        { ...rules, rows: 6, target: 10 },
        {
          cards: Array.from({ length: 21 }, (_, i) => 1 + (i % 9)),
          stock: Array.from({ length: 19 }, (_, i) => 1 + ((i * 7) % 9)),
        },
        () => false,
      ).left,
    ).toBeLessThanOrEqual(100)
  })
})

describe('what is left is counted, where that was agreed', () => {
  const count = (said: unknown, by = 1) => play({ do: 'count', by, ...(said === undefined ? {} : { said }) })
  const done = (by = 1) => play({ do: 'done', by })
  const LEFT = 4 + 6 + 5 + 3 + 7 + 8
  test.each([
    ['before the roof has ended', {}, [count(LEFT)], ['not-now']],
    ['right', {}, [done(), count(LEFT)], ['ok', 'ok']],
    ['wrong, noted', {}, [done(), count(LEFT + 1)], ['ok', 'ok']],
    [
      'wrong, refused',
      { answers: 'must-be-right' },
      [done(), count(LEFT + 1), count(LEFT)],
      ['ok', 'wrong-answer', 'ok'],
    ],
    ['any number, where nothing is asked', { answers: 'off' }, [done(), count(1)], ['ok', 'ok']],
    ['without a number', {}, [done(), count(undefined)], ['ok', 'malformed']],
    ['twice', {}, [done(), count(LEFT), count(LEFT)], ['ok', 'ok', 'match-over']],
    ['not agreed', { countLeft: false }, [count(LEFT)], ['malformed']],
  ])('%s', (_what, houseRules, entries, verdicts) =>
    expect(inShort(game({ houseRules: { countLeft: true, ...houseRules }, entries }))).toEqual(verdicts),
  )

  test('the match ends once every roof is counted; a call ends it at once', () => {
    const players = ['Ines', 'Bao']
    const houseRules = { countLeft: true }
    const both = game({
      players,
      houseRules,
      entries: [done(1), done(2), count(LEFT, 1), count(LEFT, 1), count(LEFT, 2)],
    })
    expect(inShort(both)).toEqual(['ok', 'ok', 'ok', 'not-now', 'ok'])
    expect(both.result).toMatchObject({ winners: [1, 2], shared: true })
    expect(game({ players, houseRules, entries: [done(1), done(2)] }).result).toBeNull()
    expect(game({ players, houseRules, entries: [done(1), { call: 'time' }] }).result).toMatchObject({ ended: 'time' })
  })

  test('a counted roof stays ended whatever is ruled; an uncounted one goes on where it may', () => {
    const houseRules = { countLeft: true, rows: 2, pack: { low: 1, high: 4, copies: 1 }, target: 10 }
    const parts = { houseRules: { ...houseRules, target: 7 }, opening: { layouts: [[[1], [2, 3]]] } }
    const turn = (card: number) => play({ do: 'turn', by: 1, card })
    const passes = { ruling: { houseRules: { passes: 2 } } }
    // 4 and 3 make seven: taken; then nothing goes any more.
    const ended = [turn(4), play({ do: 'take', by: 1, tiles: [[2, 2]], turned: true })]
    expect(inShort(game({ ...parts, entries: [...ended, count(3), passes] }))).toEqual(['ok', 'ok', 'ok', 'match-over'])
  })

  test('answers are offered only where it was agreed', () => {
    const file = (houseRules: object) =>
      problemsOf({
        game: 'roof-tiles',
        players: ['Ines'],
        houseRules: { rows: 3, ...houseRules },
        opening: { layouts: [ROOF] },
      })
    expect(file({ answers: 'noted' })).toEqual(['houseRules.answers answers-not-offered'])
    expect(file({ answers: 'noted', countLeft: true })).toEqual([])
    expect(file({ bySeat: { 1: { answers: 'off' } } })).toEqual(['houseRules.bySeat answers-not-offered'])
    expect(file({ bySeat: { 1: { explain: 'off' } } })).toEqual([])
  })
})
