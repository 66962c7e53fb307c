import { chanceToMatch, knownMatch } from '#core/games/turn-two/advice'
import { turnTwo } from '#core/games/turn-two/index'
import { holdsMatch, matchOf, withoutPartner } from '#core/games/turn-two/matching'
import type { PairRules, PairState } from '#core/games/turn-two/rules'
import { drawBoard } from '#core/board/board'
import { readMatch } from '#core/format/matchFile'
import { readHouseRules } from '#core/kernel/houseRules'
import { writeWorking } from '#core/contract/working'
import { fileOf, inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'turn-two', ...parts })
const turn = (by: number, at: unknown, cards: unknown, more: object = {}) =>
  play({ do: 'turn', by, at, cards, ...more })
const relay = play({ do: 'relay' })
const last = (houseRules: Record<string, unknown>, entries: unknown[]) => inShort(game({ houseRules, entries })).at(-1)
const TINY = { pack: { low: 1, high: 3, copies: 1 }, layout: 2, target: 4 }
const ONE = { pack: { low: 0, high: 10, copies: 1 }, layout: 8 }

test.each([
  ['a card that is none', [turn(1, [1, 2], [11, 5])], {}, 'no-such-card'],
  ['a second of one, seen elsewhere', [turn(1, [1, 2], [3, 4]), turn(2, [3, 4], [3, 5])], ONE, 'too-many-copies'],
  ['the same card at its own place', [turn(1, [1, 2], [3, 4]), turn(2, [1, 4], [3, 5])], ONE, 'ok'],
  ['a second of one that was kept', [turn(1, [1, 2], [4, 6]), turn(2, [1, 3], [4, 5])], ONE, 'too-many-copies'],
  ['one card', [turn(1, [1], [3])], {}, 'wrong-count'],
  ['three cards', [turn(1, [1, 2, 3], [3, 4, 5])], {}, 'wrong-count'],
  ['fewer cards than places', [turn(1, [1, 2], [3])], {}, 'wrong-count'],
  ['the same place, before where it is', [turn(1, [99, 99], [3, 4])], {}, 'same-place'],
  ['a place that is not there', [turn(1, [0, 1], [3, 4])], {}, 'empty-place'],
  [
    'a place from which cards were kept, not filled',
    [turn(1, [1, 2], [4, 6]), turn(2, [1, 3], [4, 6])],
    { refill: false },
    'empty-place',
  ],
  ['a place filled is new', [turn(1, [1, 2], [4, 6]), turn(2, [1, 2], [3, 5])], {}, 'ok'],
  ['another card than was seen', [turn(1, [1, 2], [3, 4]), turn(2, [1, 3], [5, 6])], {}, 'seen-different'],
  ['the same, overruled', [turn(1, [1, 2], [3, 4]), { ...turn(2, [1, 3], [5, 6]), overrule: 'moved' }], {}, 'ok'],
  [
    'and from then on the new one is known',
    [turn(1, [1, 2], [3, 4]), { ...turn(2, [1, 3], [5, 6]), overrule: 'moved' }, turn(1, [1, 4], [3, 3])],
    {},
    'seen-different',
  ],
  ['the neighbour', [turn(2, [1, 2], [3, 4])], {}, 'not-their-turn'],
  ['again after a match', [turn(1, [1, 2], [4, 6]), turn(1, [3, 4], [3, 4])], { again: true }, 'ok'],
  ['not again after a miss', [turn(1, [1, 2], [4, 5]), turn(1, [3, 4], [3, 4])], { again: true }, 'not-their-turn'],
  ['a match not explained', [turn(1, [1, 2], [4, 6])], { explain: 'required' }, 'unexplained'],
  ['a miss need not be', [turn(1, [1, 2], [4, 5])], { explain: 'required' }, 'ok'],
  ['a relay with a seat', [play({ do: 'relay', by: 1 })], {}, 'malformed'],
  [
    'a relay while something is unseen',
    [turn(1, [1, 2], [1, 2]), relay],
    { ...TINY, pack: { low: 1, high: 3, copies: 2 }, layout: 3 },
    'not-stuck',
  ],
  [
    'a relay with a match there',
    [turn(1, [1, 2], [1, 2]), turn(2, [3, 1], [3, 1]), relay],
    { ...TINY, pack: { low: 1, high: 3, copies: 2 }, layout: 3, again: true },
    'not-stuck',
  ],
  ['a relay', [turn(1, [1, 2], [1, 2]), relay], TINY, 'ok'],
  ['after a relay all is new', [turn(1, [1, 2], [1, 2]), relay, turn(2, [1, 2], [2, 3])], TINY, 'ok'],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(last(houseRules, entries)).toBe(verdict))

describe('the end', () => {
  test('no match can be made from layout and stock together', () => {
    expect(game({ houseRules: TINY, entries: [turn(1, [1, 2], [1, 3])] }).result).toMatchObject({
      winners: [1],
      why: 'no-match-left',
    })
    expect(game({ houseRules: TINY, entries: [turn(1, [1, 2], [1, 2])] }).result).toBeNull()
  })
  test('without the stock the layout alone counts, as far as it is known', () => {
    const rules = { ...TINY, refill: false }
    expect(game({ houseRules: rules, entries: [turn(1, [1, 2], [1, 2])] }).result).toMatchObject({ winners: [1, 2] })
    const three = { pack: { low: 1, high: 4, copies: 1 }, layout: 3, target: 7, refill: false }
    expect(game({ houseRules: three, entries: [turn(1, [1, 2], [1, 2])] }).result).toMatchObject({ shared: true })
    expect(game({ houseRules: three, entries: [turn(1, [1, 2], [1, 3])] }).result).toBeNull()
  })
  test('time finishes the round; awards count and stop at nothing', () => {
    const entries = [turn(1, [1, 2], [4, 6]), { call: 'time' }, turn(2, [3, 4], [1, 2])]
    expect(game({ entries: entries.slice(0, 2) }).result).toBeNull()
    expect(game({ entries }).result).toMatchObject({ winners: [1], ended: 'time' })
    expect(
      scores(
        game({ entries: [{ ruling: { award: { by: 1, points: -3 } } }, { ruling: { award: { by: 2, points: 2 } } }] }),
      ),
    ).toEqual([0, 2])
  })
})

describe('three cards, adding and taking away', () => {
  const rules = { target: 10, perTurn: 3 as const, signs: 'add-subtract' as const }
  test.each([
    [[8, 6, 4], '8 + 6 - 4 = 10'],
    [[1, 2, 7], '1 + 2 + 7 = 10'],
    [[1, 2, 9], '2 + 9 - 1 = 10'],
    [[1, 1, 1], null],
    [[4, 6], null],
  ])('%j: %s', (cards, says) => {
    const match = matchOf(rules, cards)
    expect(match && writeWorking(match)).toBe(says)
  })
  test('without taking away', () => expect(matchOf({ ...rules, signs: 'add' }, [8, 6, 4])).toBeNull())
  test('only as many copies as there are', () => {
    expect(holdsMatch({ ...rules, signs: 'add', target: 9 }, [3, 3, 5])).toBeNull()
    expect(holdsMatch({ ...rules, signs: 'add', target: 9 }, [3, 3, 5, 3])).toEqual([3, 3, 3])
  })
})

test.each([
  [{ signs: 'add-subtract' }, ['houseRules.signs bad-house-rule']],
  [{ signs: 'add-subtract', perTurn: 3 }, []],
  [{ perTurn: 4 }, ['houseRules.perTurn bad-house-rule']],
  [{ layout: 45 }, ['houseRules.pack pack-too-small']],
  [{ layout: 2, perTurn: 3 }, ['houseRules.layout bad-house-rule']],
  [{ layout: 'all' }, []],
  [{ target: 21 }, ['houseRules.target target-out-of-reach']],
  [{ target: 20, layout: 8, pack: { low: 0, high: 10, copies: 1 } }, ['houseRules.target target-out-of-reach']],
])('setup %j: %j', (houseRules, found) => expect(problemsOf({ game: 'turn-two', houseRules })).toEqual(found))

test('what has been seen is the players’ to remember: the board has nothing of it', () => {
  const match = readMatch(fileOf({ game: 'turn-two', entries: [turn(1, [3, 7], [4, 9])] }))
  if (!match.ok) throw new Error('bad file')
  const picture = drawBoard(match.tape, [])
  expect([picture.newest?.says, picture.newest?.working]).toEqual(['Ines turns places 3 and 7', []])
  expect(JSON.stringify(picture.view)).not.toMatch(/4|9/)
})

describe('aid', () => {
  const rules = {
    target: 10,
    perTurn: 2,
    signs: 'add',
    pack: { low: 1, high: 9, copies: 1 },
    refill: true,
  } as unknown as PairRules
  const state = (seen: (number | null)[], gone: number[] = []) =>
    ({ places: seen.map((card) => ({ lies: true, seen: card })), gone }) as unknown as PairState
  test('a match that was seen', () => {
    expect(knownMatch(rules, state([null, 4, 2, 6]))).toEqual({ at: [2, 4], cards: [4, 6] })
    expect(knownMatch(rules, state([null, 4, 2]))).toBeNull()
  })
  test('the chance that a new place makes one', () => {
    // Of 1 3 5 6 7 8 9 only 6 and 8 fit.
    expect(chanceToMatch(rules, state([null, 4, 2]))).toBeCloseTo(2 / 7)
    expect(chanceToMatch(rules, state([null, 4, 2], [6, 3]))).toBeCloseTo(1 / 5)
    expect(chanceToMatch(rules, state([4, 2]))).toBeNull()
  })
})

test.each([
  ['with zeros everybody has one', {}, []],
  ['without zeros the ten has none', { pack: { low: 1, high: 10, copies: 4 } }, [10]],
  ['a five by itself makes no ten', { pack: { low: 1, high: 9, copies: 1 }, layout: 8 }, [5]],
  ['three cards a turn', { perTurn: 3, target: 5, pack: { low: 1, high: 9, copies: 2 } }, [4, 5, 6, 7, 8, 9]],
])('cards without a partner: %s', (_what, houseRules, lonely) => {
  const read = readHouseRules(turnTwo, houseRules, 2)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  expect(withoutPartner(read.rules as PairRules)).toEqual(lonely)
  const needs = turnTwo.prepare(read.rules as PairRules, 2).needs.map(({ what }) => what)
  expect(needs.includes('cards without a partner')).toBe(lonely.length > 0)
})
