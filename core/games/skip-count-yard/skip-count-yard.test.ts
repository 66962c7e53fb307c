import fc from 'fast-check'
import { skipCountYard } from '#core/games/skip-count-yard/index'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import { judge, type YardState } from '#core/games/skip-count-yard/rules'
import { mostCards, singleAdds } from '#core/games/skip-count-yard/search'
import {
  deckOfSets,
  nextOn,
  POSITIONS,
  stepsOf,
  whyNot,
  type Position,
  type Run,
  type Yard,
} from '#core/games/skip-count-yard/yard'
import { deckSize } from '#core/kit/pack'
import { selfPlayState } from '#core/kernel/selfPlay'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const SETS = [2, 3, 4, 5]
const draw = (by: number, card?: unknown) => play({ do: 'draw', by, ...(card === undefined ? {} : { card }) })
const add = (by: number, card: number, to: string, more: object = {}) => play({ do: 'add', by, card, to, ...more })
const move = (by: number, from: string, to: string, count?: number) =>
  play({ do: 'move', by, from, to, ...(count === undefined ? {} : { count }) })
const end = (by: number) => play({ do: 'end', by })
const game = (entries: unknown[], houseRules: Record<string, unknown> = {}, more: FileParts = {}) =>
  judged({ game: 'skip-count-yard', opening: { sides: [12, 8, 20, 35] }, houseRules, entries, ...more })
const last = (entries: unknown[], houseRules: Record<string, unknown> = {}, more: FileParts = {}) =>
  inShort(game(entries, houseRules, more)).at(-1)

test('the pack holds ten of each set, shared values as often', () => {
  const deck = deckOfSets(SETS)
  expect([deckSize(deck), deck.copiesOf(12), deck.copiesOf(20), deck.copiesOf(50), deck.copiesOf(7)]).toEqual([
    40, 3, 3, 1, 0,
  ])
})

describe('a run', () => {
  test.each<[Run, boolean, number[]]>([
    [[12], false, [2, 3, 4]],
    [[12, 15], false, [3]],
    [[40], false, [4, 5]],
    [[4], true, [4]],
    [[4], false, [2, 4]],
    [[], false, []],
  ])('%j (corner %s) may belong to %j', (run, corner, steps) => expect(stepsOf(SETS, run, corner)).toEqual(steps))
  test('goes on for each set that has not ended', () => {
    expect(nextOn(SETS, [20], false).map(({ card }) => card)).toEqual([24, 25])
    expect(nextOn(SETS, [50], false)).toEqual([])
  })
  test.each<[Run, Position, Run, ReturnType<typeof whyNot>]>([
    [[], 'N', [7], null],
    [[], 'NE', [4], null],
    [[], 'NE', [4, 6], 'corner-needs-lowest'],
    [[], 'NE', [4, 8], null],
    [[], 'NE', [6], 'corner-needs-lowest'],
    [[12], 'N', [15, 18], null],
    [[12, 16], 'N', [20, 25], 'not-next'],
    [[12, 16], 'N', [20], null],
    [[4], 'NE', [6], 'not-next'],
    [[4], 'NE', [8], null],
    [[18, 20], 'N', [22], 'run-complete'],
    [[20], 'N', [22], 'not-next'],
  ])('%j on %s takes %j: %s', (run, at, cards, why) => expect(whyNot(SETS, run, at, cards)).toBe(why))
})

test.each([
  ['an add before the draw', [add(1, 15, 'N')], {}, 'draw-first'],
  ['a move before the draw', [move(1, 'N', 'E')], {}, 'draw-first'],
  ['an end before the draw', [end(1)], {}, 'draw-first'],
  ['no such card, before the draw is asked for', [add(1, 51, 'N')], {}, 'no-such-card'],
  ['a second draw', [draw(1), draw(1)], {}, 'not-now'],
  ['a draw of the neighbour after it', [draw(1), draw(2)], {}, 'not-now'],
  ['a draw of the neighbour before it', [draw(2)], {}, 'not-their-turn'],
  ['a card drawn that is none', [draw(1, 51)], {}, 'no-such-card'],
  ['a card of which all lie', [draw(1, 35)], {}, 'too-many-copies'],
  ['one that is known in a hand', [draw(1, 50), end(1), draw(2, 50)], {}, 'too-many-copies'],
  ['a place that is none', [draw(1), add(1, 15, 'M')], {}, 'malformed'],
  ['a single that continues', [draw(1), add(1, 15, 'N')], {}, 'ok'],
  ['another set’s', [draw(1), add(1, 15, 'N'), add(1, 20, 'N')], {}, 'not-next'],
  ['too many of a card', [draw(1), add(1, 15, 'N'), add(1, 15, 'NE')], {}, 'corner-needs-lowest'],
  ['the only copy once more', [draw(1), add(1, 50, 'W')], {}, 'not-next'],
  ['a move from a bare place', [draw(1), move(1, 'NE', 'N')], {}, 'place-empty'],
  ['too many moved', [draw(1), move(1, 'N', 'NE', 2)], {}, 'wrong-count'],
  ['none moved', [draw(1), move(1, 'N', 'NE', 0)], {}, 'wrong-count'],
  ['onto itself', [draw(1), move(1, 'N', 'N')], {}, 'not-next'],
  ['onto itself, complete', [draw(1), move(1, 'W', 'W')], {}, 'not-next'],
  ['a tail', [draw(1), add(1, 16, 'N'), add(1, 20, 'N'), move(1, 'N', 'S', 1)], {}, 'not-next'],
  [
    'a tail where only whole runs move',
    [draw(1), add(1, 16, 'N'), move(1, 'N', 'S', 1)],
    { moves: 'whole' },
    'wrong-count',
  ],
  [
    'what stays behind changes its set',
    [
      draw(1),
      add(1, 16, 'N'),
      add(1, 4, 'NE'),
      add(1, 8, 'NE'),
      add(1, 12, 'NE'),
      move(1, 'N', 'NE', 1),
      add(1, 15, 'N'),
    ],
    {},
    'ok',
  ],
  [
    'a side made bare takes any card',
    [draw(1), add(1, 4, 'NE'), move(1, 'E', 'NE'), add(1, 33, 'E')],
    {},
    'no-such-card',
  ],
  ['the same with one that is there', [draw(1), add(1, 4, 'NE'), move(1, 'E', 'NE'), add(1, 27, 'E')], {}, 'ok'],
  ['not explained', [draw(1), add(1, 15, 'N')], { explain: 'required' }, 'unexplained'],
  [
    'a hand that is known to hold another',
    [draw(1, 15), add(1, 15, 'N'), end(1), draw(2), end(2), draw(1, 27), add(1, 25, 'S'), add(1, 2, 'NE')],
    { hand: 1 },
    'not-in-hand',
  ],
  [
    'a card that another is known to hold',
    [draw(1, 50), end(1), draw(2), add(2, 40, 'W'), add(2, 45, 'W'), add(2, 50, 'W')],
    {},
    'not-in-hand',
  ],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(last(entries, houseRules)).toBe(verdict))

describe('the end', () => {
  const out = [draw(1), add(1, 15, 'N'), add(1, 25, 'S')]
  test('without cards one wins at once, or when the round is finished', () => {
    expect(game(out, { hand: 1 }).result).toMatchObject({ winners: [1], why: 'no-cards' })
    const even = { hand: 1, finish: 'even-turns' }
    expect(game([...out, end(1)], even).result).toBeNull()
    expect(game([...out, end(1), draw(2), add(2, 18, 'N'), add(2, 40, 'W'), end(2)], even).result).toMatchObject({
      winners: [1, 2],
      shared: true,
    })
    expect(game([...out, { ruling: { houseRules: { finish: 'at-once' } } }], even).result).toMatchObject({
      winners: [1],
    })
  })
  test('a round without an add, the stock empty: fewest cards; moves don’t count', () => {
    // 18 each of 36: nothing is left to draw.
    const rules = { hand: 18 }
    expect(inShort(game([draw(1)], rules))).toEqual(['not-now'])
    expect(game([end(1), add(2, 15, 'N'), end(2)], rules).result).toBeNull()
    expect(game([end(1), end(2)], rules).result).toMatchObject({ winners: [1, 2], why: 'fewest-cards' })
    const moved = [add(1, 4, 'NE'), end(1), end(2), move(1, 'E', 'NE'), end(1), end(2)]
    expect(game(moved, rules).result).toMatchObject({ winners: [1], why: 'fewest-cards' })
  })
  test('time finishes the turns round the table; no points are given', () => {
    expect(game([draw(1), { call: 'time' }, add(1, 15, 'N'), end(1)]).result).toBeNull()
    expect(game([draw(1), { call: 'time' }, add(1, 15, 'N'), end(1), draw(2), end(2)]).result).toMatchObject({
      winners: [1],
      ended: 'time',
    })
    expect(inShort(game([{ ruling: { award: { by: 1, points: 1 } } }]))).toEqual(['no-points-here'])
    expect(scores(game([draw(1)]))).toEqual([8, 7])
  })
})

test.each([
  [{ sides: [12, 8, 20] }, {}, ['opening.sides bad-opening']],
  [{ sides: [12, 8, 20, 7] }, {}, ['opening.sides bad-opening']],
  [{ sides: [50, 8, 20, 50] }, {}, ['opening.sides bad-opening']],
  [{ sides: [12, 12, 12, 20] }, {}, []],
  [null, {}, ['opening bad-opening']],
  [{ sides: [12, 8, 20, 35] }, { sets: [2, 3, 4, 4] }, ['houseRules.sets bad-house-rule']],
  [{ sides: [12, 8, 20, 35] }, { sets: [2, 3, 4] }, ['houseRules.sets bad-house-rule']],
  [{ sides: [12, 8, 20, 35] }, { hand: 19 }, ['houseRules.hand pack-too-small']],
  [{ sides: [12, 8, 20, 35] }, { answers: 'off' }, ['houseRules.answers answers-not-offered']],
])('opening %j, %j: %j', (opening, houseRules, found) =>
  expect(problemsOf({ game: 'skip-count-yard', opening, houseRules })).toEqual(found),
)

describe('the most that a turn can play', () => {
  const bare = Object.fromEntries(POSITIONS.map((at) => [at, []])) as unknown as Yard
  const full: Yard = { ...bare, N: [12], E: [8], S: [20], W: [35] }
  test('a shift makes room for another card', () => {
    // The 8 goes onto the fours, and the bare side takes a card that fits nowhere else.
    const found = mostCards(SETS, { ...full, NE: [4] }, [27], true)
    expect(found).toMatchObject({
      cards: 1,
      finished: true,
      steps: [
        { do: 'move', from: 'E', to: 'NE' },
        { do: 'add', card: 27 },
      ],
    })
    expect(singleAdds(SETS, { ...full, NE: [4] }, [27])).toEqual([])
  })
  test('an upper part moves only where that is agreed', () => {
    const yard: Yard = { ...bare, N: [12, 16], NE: [4, 8, 12], E: [50], S: [50], W: [50] }
    expect(mostCards(SETS, yard, [15], true).cards).toBe(1)
    expect(mostCards(SETS, yard, [15], false).cards).toBe(0)
  })
  test('its steps stand one after another, and trying everything finds no more', () => {
    const rules = { ...skipCountYard.houseRules.parse({ hand: 3 }), explain: 'off' } as unknown as YardRules
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), (key) => {
        const match = selfPlayState({
          game: skipCountYard as never,
          houseRules: { hand: 3 },
          players: ['Ines', 'Tomasz'],
          source: 'dealt',
          key: `yard ${key}`,
          most: 9,
        })
        const state = match.game as YardState
        fc.pre(match.result === null && (state.drawn || state.stock === 0))
        const by = state.turn
        const hand = state.hands[by - 1]!.known
        const found = mostCards(SETS, state.yard, hand, true)
        let now = state
        for (const step of found.steps) {
          const verdict = judge(rules, now, { ...step, by } as never, { overrule: false })
          expect(verdict.stands).toBe(true)
          now = verdict.next!
        }
        expect(hand.length - now.hands[by - 1]!.size).toBe(found.cards)
        if (found.cards < hand.length) expect(byTrying(rules, state, by, 3)).toBeLessThanOrEqual(found.cards)
      }),
      { numRuns: 12, seed: 3 },
    )
  })
})

/** The most cards that any sequence of plays with at most `moves` moves plays. */
function byTrying(rules: YardRules, state: YardState, by: number, moves: number): number {
  let best = 0
  for (const step of skipCountYard.plays(rules, state, by)) {
    if (step.do !== 'add' && (step.do !== 'move' || moves === 0)) continue
    if (step.do === 'add' && !state.hands[by - 1]!.known.includes(step.card)) continue
    const verdict = judge(rules, state, step, { overrule: false })
    if (verdict.stands)
      best = Math.max(
        best,
        (step.do === 'add' ? 1 : 0) + byTrying(rules, verdict.next, by, step.do === 'move' ? moves - 1 : moves),
      )
  }
  return best
}

describe('played on for places', () => {
  const THREE = ['Ines', 'Tomasz', 'Bao']
  const ONE = { hand: [1, 2, 2], finish: 'play-on' }
  const turn = (by: number, ...plays: object[]) => [draw(by), ...plays, end(by)]

  test('the first out has won; who is out is passed over, and the others play on', () => {
    const out = [draw(1), add(1, 15, 'N'), add(1, 10, 'S'), end(1)]
    // Their two cards: the one dealt and the one drawn.
    const answer = game(
      [draw(1), add(1, 15, 'N'), add(1, 18, 'N'), draw(2), end(1), draw(2), end(2), draw(1), draw(3)],
      ONE,
      { players: THREE },
    )
    expect(inShort(answer)).toEqual(['ok', 'ok', 'ok', 'not-now', 'ok', 'ok', 'ok', 'not-their-turn', 'ok'])
    expect(answer.result).toBeNull()
    expect(out).toHaveLength(4)
    const called = game([draw(1), add(1, 15, 'N'), add(1, 18, 'N'), end(1), { call: 'finish' }], ONE, {
      players: THREE,
    })
    expect(called.result).toMatchObject({ winners: [1], ended: 'finish' })
    // Round again, though the one who began is out.
    const again = game(
      [draw(1), add(1, 15, 'N'), add(1, 18, 'N'), end(1), ...turn(2), ...turn(3), draw(1), draw(2)],
      ONE,
      { players: THREE },
    )
    expect(inShort(again).slice(-2)).toEqual(['not-their-turn', 'ok'])
  })

  test('with two players the first out ends it', () => {
    const answer = game([draw(1), add(1, 15, 'N'), add(1, 18, 'N')], { ...ONE, hand: [1, 2] })
    expect(answer.result).toMatchObject({ winners: [1], shared: false })
  })

  test.each([
    [{ hand: [1, 2] }, []],
    [{ hand: [1, 2, 3] }, ['houseRules.hand bad-house-rule']],
    [{ hand: [1, 21] }, ['houseRules.hand bad-house-rule']],
    [{ hand: [1] }, ['houseRules.hand bad-house-rule']],
  ])('%j: %j', (houseRules, found) =>
    expect(
      problemsOf({ game: 'skip-count-yard', opening: { sides: [12, 8, 20, 35] }, houseRules }).map((each) =>
        each.replace(/\.\d+(?= )/, ''),
      ),
    ).toEqual(found),
  )
})
