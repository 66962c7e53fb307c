import * as fc from 'fast-check'
import { gameById } from '#core/games/index'
import { readSentence, valueOf } from '#core/games/own-game/calculation'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { oddsOf } from '#core/games/own-game/odds'
import { sentencesOf } from '#core/games/own-game/sentences'
import type { OwnState } from '#core/games/own-game/state'
import { moved } from '#core/games/own-game/track'
import type { Game } from '#core/contract/game'
import { readHouseRules } from '#core/kernel/houseRules'
import { awaits, judgePlay } from '#core/kernel/match'
import { selfPlay } from '#core/kernel/selfPlay'
import { foldTape, type Tape } from '#core/kernel/tape'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged, problemsOf, scores } from '../../../tests/unit/judging'
import { recipes } from '../../../tests/unit/recipes'

const game = gameById('own-game') as Game
const thrown = (by: number, numbers: number[], more: object = {}) => ({ play: { do: 'throw', by, numbers, ...more } })
const stop = (by: number, more: object = {}) => ({ play: { do: 'stop', by, ...more } })
const one = { kind: 'dice', sides: [6] }
const when = (is: string, n?: number) => (n === undefined ? { is } : { is, n })
const special = (w: object, does: string, n?: number) => ({
  when: w,
  then: n === undefined ? { do: does } : { do: does, n },
})

type Case = readonly [what: string, houseRules: object, entries: object[], verdicts: string[], scores: number[]]
const CASES: readonly Case[] = [
  ['a sum is added', {}, [thrown(1, [3, 4]), thrown(2, [6, 6])], ['ok', 'ok'], [7, 12]],
  [
    'points never fall below the floor',
    { ways: [{ makes: 'sum', does: 'take' }], start: 5 },
    [thrown(1, [3, 4])],
    ['ok'],
    [0, 5],
  ],
  [
    'two ways: one must be named',
    {
      ways: [
        { makes: 'sum', does: 'add' },
        { makes: 'largest', does: 'add' },
      ],
    },
    [thrown(1, [3, 4]), thrown(1, [3, 4], { way: 3 }), thrown(1, [3, 4], { way: 2 })],
    ['malformed', 'malformed', 'ok'],
    [4, 0],
  ],
  [
    'zeros may stand in front',
    { brings: { kind: 'dice', sides: [9, 9] }, ways: [{ makes: 'number', does: 'add' }] },
    [thrown(1, [1, 4], { number: 14 }), thrown(2, [1, 4], { number: -4 })],
    ['ok', 'malformed'],
    [14, 0],
  ],
  [
    'doubling and doubling again',
    { specials: [special(when('same'), 'double'), special(when('over', 5), 'double')] },
    [thrown(1, [3, 3])],
    ['ok'],
    [24, 0],
  ],
  [
    'opposite twice is none',
    { start: 10, specials: [special(when('even'), 'opposite'), special(when('same'), 'opposite')] },
    [thrown(1, [3, 3]), thrown(2, [1, 3])],
    ['ok', 'ok'],
    [16, 6],
  ],
  [
    'again does not count among the throws',
    { throws: 2, specials: [special(when('same'), 'again')] },
    [thrown(1, [3, 3]), thrown(1, [2, 2]), thrown(1, [1, 2]), thrown(1, [1, 2]), thrown(1, [1, 1])],
    ['ok', 'ok', 'ok', 'ok', 'not-their-turn'],
    [16, 0],
  ],
  [
    'bust: what the turn made is gone, an award since then stays',
    { throws: 2, specials: [special(when('has', 1), 'bust')] },
    [thrown(1, [3, 4]), { ruling: { award: { by: 1, points: 5 } } }, thrown(1, [1, 2]), thrown(2, [2, 2])],
    ['ok', 'ok', 'ok', 'ok'],
    [5, 4],
  ],
  [
    'lose all: back to the start',
    { start: 7, specials: [special(when('same'), 'lose-all')] },
    [thrown(1, [3, 4]), thrown(2, [1, 2]), thrown(1, [2, 2])],
    ['ok', 'ok', 'ok'],
    [7, 10],
  ],
  [
    'specials after a bust do not count',
    { specials: [special(when('same'), 'points', 9), special(when('same'), 'bust'), special(when('same'), 'miss')] },
    [thrown(1, [2, 2]), thrown(2, [1, 2]), thrown(1, [1, 2])],
    ['ok', 'ok', 'ok'],
    [3, 3],
  ],
  [
    'who is to miss a turn is passed over once',
    { specials: [special(when('same'), 'miss')] },
    [thrown(1, [2, 2]), thrown(2, [1, 2]), thrown(2, [1, 2]), thrown(1, [1, 2])],
    ['ok', 'ok', 'ok', 'ok'],
    [7, 6],
  ],
  [
    'exactly: past the goal nothing changes',
    { goal: 10, reach: 'exactly', rounds: null },
    [thrown(1, [4, 4]), thrown(2, [1, 1]), thrown(1, [2, 1]), thrown(2, [4, 4]), thrown(1, [1, 1])],
    ['ok', 'ok', 'ok', 'ok', 'match-over'],
    [8, 10],
  ],
  [
    'the pot counts once it is added',
    { brings: one, throws: 'choice', goal: 10, rounds: null },
    [stop(1), thrown(1, [6]), thrown(1, [5]), stop(1)],
    ['not-now', 'ok', 'ok', 'ok'],
    [11, 0],
  ],
  [
    'a pot that leads past an exact goal is lost',
    { brings: one, throws: 'choice', goal: 10, reach: 'exactly', rounds: null },
    [thrown(1, [6]), thrown(1, [5]), stop(1)],
    ['ok', 'ok', 'ok'],
    [0, 0],
  ],
  [
    'the distance is added',
    { scoring: 'distance', target: 10, wins: 'fewest' },
    [thrown(1, [6, 6]), thrown(2, [4, 5])],
    ['ok', 'ok'],
    [2, 1],
  ],
  [
    'the best of a round scores a point',
    { scoring: 'best-of-round' },
    [thrown(1, [6, 6]), thrown(2, [4, 5])],
    ['ok', 'ok'],
    [1, 0],
  ],
  [
    'level: all score what it is',
    { scoring: 'best-of-round', worth: 'result', tied: 'all' },
    [thrown(1, [6, 3]), thrown(2, [4, 5])],
    ['ok', 'ok'],
    [9, 9],
  ],
  [
    'nothing: takes no part in the round',
    { scoring: 'best-of-round', specials: [special(when('same'), 'nothing')] },
    [thrown(1, [6, 6]), thrown(2, [1, 2])],
    ['ok', 'ok'],
    [0, 1],
  ],
  [
    'a marker goes on to another place; there nothing more happens',
    {
      brings: one,
      track: { from: 0, to: 20, start: 0 },
      specials: [special(when('on', 6), 'go-to', 14), special(when('on', 14), 'points', 9)],
    },
    [thrown(1, [6])],
    ['ok'],
    [14, 0],
  ],
  [
    'others there are sent back',
    { brings: one, track: { from: 0, to: 20, start: 0 }, specials: [special(when('on-other'), 'send-back')] },
    [thrown(1, [6]), thrown(2, [6])],
    ['ok', 'ok'],
    [0, 6],
  ],
  [
    'places give points where points count',
    { brings: one, track: { from: 0, to: 6, start: 0, gives: [0, 1, 2, 3, 4, 5, 6] }, counts: 'points' },
    [thrown(1, [4]), thrown(2, [6]), thrown(1, [3])],
    ['ok', 'ok', 'ok'],
    [4, 6],
  ],
  [
    'the place counts: no points by ruling',
    { track: { from: 0, to: 20, start: 0 } },
    [{ ruling: { award: { by: 1, points: 1 } } }],
    ['no-points-here'],
    [0, 0],
  ],
  [
    'the new score is asked for',
    { asks: 'score', answers: 'must-be-right' },
    [
      thrown(1, [3, 4], { said: 7 }),
      thrown(2, [1, 1], { said: 3 }),
      thrown(2, [1, 1], { said: 2 }),
      thrown(1, [1, 1], { said: 2 }),
      thrown(1, [1, 1], { said: 9 }),
    ],
    ['ok', 'wrong-answer', 'ok', 'wrong-answer', 'ok'],
    [9, 2],
  ],
  [
    'cards are shuffled back when too few lie there',
    { brings: { kind: 'cards', pack: { low: 1, high: 3, copies: 1 }, draw: 2 } },
    [thrown(1, [1, 2]), thrown(2, [1, 2]), thrown(1, [3, 3])],
    ['ok', 'ok', 'too-many-copies'],
    [3, 3],
  ],
]
test.each(CASES)('%s', (_what, houseRules, entries, verdicts, after) => {
  const answer = judged({ game: 'own-game', houseRules: houseRules as Record<string, unknown>, entries })
  expect(inShort(answer)).toEqual(verdicts)
  expect(scores(answer)).toEqual(after)
})

test.each([
  [{ ways: [{ makes: 'difference', does: 'add' }], brings: one }, ['needs-two']],
  [{ ways: [{ makes: 'number', does: 'add' }], brings: { kind: 'dice', sides: [12] } }, ['not-digits']],
  [
    { ways: [{ makes: 'product', does: 'add' }], brings: { kind: 'dice', sides: [6, 6, 6, 6, 6, 6, 6] } },
    ['too-many-numbers'],
  ],
  [{ scoring: 'distance' }, ['needs-target']],
  [{ start: -1 }, ['bad-floor']],
  [{ track: { from: 5, to: 5, start: 9 } }, ['bad-track', 'bad-track']],
  [{ counts: 'place' }, ['needs-track']],
  [{ specials: [special(when('same'), 'send-back')] }, ['bad-special']],
  [{ rounds: null }, ['never-ends']],
  [{ goal: 0 }, ['bad-goal']],
  [{ wins: 'nearest' }, ['needs-goal']],
  [{ throws: 'choice', track: { from: 0, to: 9, start: 0 } }, ['do-not-go-together']],
  [{ signs: ['divide'] }, ['bad-house-rule']],
  [{ brings: { kind: 'cards', pack: { low: 1, high: 2, copies: 1 }, draw: 3 } }, ['pack-too-small']],
  // All that hold are found.
  [
    { scoring: 'distance', throws: 'choice', wins: 'nearest', start: -3 },
    ['needs-target', 'bad-floor', 'needs-goal', 'do-not-go-together'],
  ],
])('%j: %j', (houseRules, codes) =>
  expect(problemsOf({ game: 'own-game', houseRules }).map((each) => each.split(' ')[1])).toEqual(codes),
)

test.each([
  ['2+3*4', 14],
  ['(2+3)*4', 20],
  ['8-3-2', 3],
  ['8 : 4 × 2', 4],
  ['06 ÷ 3', 2],
  ['2 − 5', -3],
  ['((7))', 7],
  ['7/2', 'does not divide'],
  ['7/(2-2)', 'does not divide'],
  ['-3', 'not readable'],
  ['2(3)', 'not readable'],
  ['2+', 'not readable'],
  ['2+\t3', 'not readable'],
  ['', 'not readable'],
  ['2+(-3)', 'not readable'],
  ['1,5', 'not readable'],
])('%s: %s', (text, worth) => {
  const read = readSentence(text)
  const value = read.ok ? valueOf(read.sentence) : null
  expect(value === null ? 'not readable' : value.ok ? value.value : 'does not divide').toBe(worth)
})

test.each([
  ['stay', 12, 8],
  ['stop-there', 12, 10],
  ['turn-back', 12, 8],
  ['round', 12, 1],
  ['start-again', 12, 3],
  ['turn-back', -23, 3],
  ['round', -1, 10],
] as const)('past an end, %s: 8 to %i is %i', (past, to, place) =>
  expect(moved({ from: 0, to: 10, start: 3, past }, 8, to - 8)).toBe(place),
)

test('sentences found make what they say, out of these numbers and no others', () => {
  const numbersOf = fc.array(fc.integer({ min: 0, max: 12 }), { minLength: 1, maxLength: 4 })
  fc.assert(
    fc.property(numbersOf, fc.boolean(), (numbers, useAll) => {
      const brings = { kind: 'cards', pack: { low: 0, high: 12, copies: 4 }, draw: numbers.length }
      const { table, state } = opened({ brings, ways: [{ makes: 'calculation', does: 'add' }], useAll, floor: null })
      const { signs } = state.rules as unknown as OwnRules
      for (const { value, text } of sentencesOf({ signs, useAll }, numbers).slice(0, 300)) {
        const found = judgePlay(table, state, { do: 'throw', by: 1, numbers, calculation: text, said: value })
        expect([text, found.verdict.reason, found.asks?.answer]).toEqual([text, null, value])
      }
    }),
    { numRuns: 25 },
  )
})

function opened(houseRules: object): Tape {
  const read = readMatch(fileOf({ game: 'own-game', houseRules: houseRules as Record<string, unknown> }))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.tape
}
const players = (seats: number) => Array.from({ length: seats }, (_, i) => `Player ${i + 1}`)

test('whatever recipe is in order is played to its end by bots, replays to the same, and its plays read back', () => {
  fc.assert(
    fc.property(recipes, fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 9999 }), (rules, seats, seed) => {
      fc.pre(readHouseRules(game, rules, seats).ok)
      const tape = selfPlay({
        game,
        houseRules: rules as Record<string, unknown>,
        players: players(seats),
        key: `2~${seed}`,
        source: 'dealt',
        most: 400,
      })
      expect(
        tape.lines.filter(({ verdict }) => !verdict.stands).map(({ raw, verdict }) => [raw, verdict.reason]),
      ).toEqual([])
      expect(tape.state.result !== null || tape.lines.length === 400).toBe(true)
      expect(
        foldTape(tape.table, tape.start, JSON.parse(JSON.stringify(tape.lines.map(({ raw }) => raw)))).state,
      ).toEqual(tape.state)
      for (const { play, before } of tape.lines.slice(0, 20)) {
        const text = game.writePlay(play!)
        expect([text, game.readPlay(text, before.rules, before.game)]).toEqual([text, { ok: true, play }])
      }
      const middle = tape.lines[Math.floor(tape.lines.length / 2)]?.before ?? tape.start
      const seat = awaits(tape.table, middle)?.seats[0]
      let seen = 0
      for (const play of seat === undefined ? [] : game.plays(middle.rules, middle.game, seat)) {
        if (++seen > 30) break
        expect([play, judgePlay(tape.table, middle, play).verdict.reason]).toEqual([play, null])
      }
    }),
    { numRuns: 150 },
  )
})

describe('what another throw may bring', () => {
  const odds = (houseRules: object, entries: object[] = []) => {
    const read = readMatch(fileOf({ game: 'own-game', houseRules: houseRules as Record<string, unknown>, entries }))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { rules, game: now } = read.tape.state
    return oddsOf(rules as OwnRules, now as OwnState)
  }
  test('a pot with a one that empties it', () => {
    const barrel = { brings: one, throws: 'choice', specials: [special(when('has', 1), 'bust')] }
    // 2 to 6 are gained, each one time in six; a one loses the ten that lie there.
    expect(odds(barrel, [thrown(1, [6]), thrown(1, [4])])).toEqual([
      {
        ...{ way: 1, change: (2 + 3 + 4 + 5 + 6 - 10) / 6, lost: 1 / 6, ends: 0, places: [] },
        reached: [{ what: { special: 0 }, chance: 1 / 6, throws: [[1]], more: false }],
      },
    ])
  })
  test('a track: where the marker comes to stand, and whether it is over', () => {
    const harbour = { brings: one, track: { from: 0, to: 5, start: 0, past: 'stop-there' }, goal: 5, rounds: null }
    const [found] = odds(harbour)!
    expect(found).toMatchObject({ ends: 2 / 6, lost: 0 })
    expect(found!.places).toEqual([
      { place: 5, chance: 2 / 6 },
      ...[1, 2, 3, 4].map((place) => ({ place, chance: 1 / 6 })),
    ])
    expect(found!.reached).toEqual([{ what: 'goal', chance: 2 / 6, throws: [[5], [6]], more: false }])
  })
  test('the goal and every special is told, by which throws, also a place that leads on and one out of reach', () => {
    const harbour = {
      track: { from: 0, to: 40, start: 0 },
      ...{ goal: 9, reach: 'exactly', rounds: null },
      specials: [special(when('on', 4), 'go-to', 9), special(when('on', 20), 'miss'), special(when('same'), 'again')],
    }
    const [found] = odds(harbour)!
    expect(found!.reached).toEqual([
      // Four throws come to 9, three to 4, which leads there.
      {
        what: 'goal',
        chance: 7 / 36,
        throws: [
          [1, 3],
          [2, 2],
          [3, 6],
          [4, 5],
        ],
        more: false,
      },
      {
        what: { special: 0 },
        chance: 3 / 36,
        throws: [
          [1, 3],
          [2, 2],
        ],
        more: false,
      },
      { what: { special: 1 }, chance: 0, throws: [], more: false },
      { what: { special: 2 }, chance: 6 / 36, throws: [1, 2, 3, 4, 5, 6].map((n) => [n, n]), more: false },
    ])
  })
  test('cards are drawn without putting them back; too many throws are not counted', () => {
    const cards = { brings: { kind: 'cards', pack: { low: 1, high: 3, copies: 1 }, draw: 2 } }
    expect(odds(cards)![0]!.change).toBeCloseTo(4)
    expect(odds({ brings: { kind: 'dice', sides: [100, 100, 100, 100] } })).toBeNull()
    expect(odds({ brings: { kind: 'dice', sides: [9, 9] }, ways: [{ makes: 'number', does: 'add' }] })).toBeNull()
  })
})
