import fc from 'fast-check'
import { expectedDips, outlook } from '#core/games/token-dip/advice'
import { tokenDip } from '#core/games/token-dip/index'
import type { DipRules, DipState } from '#core/games/token-dip/rules'
import { randomFor } from '#core/basics/random'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'token-dip', ...parts })
const dip = (by: number, token: unknown, more: object = {}) => play({ do: 'dip', by, token, ...more })
const count = (by: number, counts: unknown) => play({ do: 'recount', by, counts })
const last = (houseRules: Record<string, unknown>, entries: unknown[]) => inShort(game({ houseRules, entries })).at(-1)
const BELOW = [
  { token: 'up', worth: 5 },
  { token: 'down', worth: -7 },
]

test.each([
  ['a token the key lacks', [dip(1, 'green')], {}, 'no-such-token'],
  ['a name out of the language', [dip(1, 'constructor')], {}, 'no-such-token'],
  ['a number for a token', [dip(1, 3)], {}, 'malformed'],
  ['the neighbour', [dip(2, 'coral')], {}, 'not-their-turn'],
  ['one that the bag does not name', [dip(1, 'coral')], { bag: { teal: 3 } }, 'bag-has-no-more'],
  [
    'more than the bag had',
    [dip(1, 'coral'), dip(2, 'teal'), dip(1, 'coral')],
    { bag: { coral: 1, teal: 5 } },
    'bag-has-no-more',
  ],
  ['a total after the floor', [dip(1, 'down', { said: 0 })], { key: BELOW, answers: 'must-be-right' }, 'ok'],
  [
    'a total before the floor',
    [dip(1, 'down', { said: -7 })],
    { key: BELOW, answers: 'must-be-right' },
    'wrong-answer',
  ],
  [
    'a total below zero where that may be',
    [dip(1, 'down', { said: -7 })],
    { key: BELOW, floor: null, answers: 'must-be-right' },
    'ok',
  ],
  ['not explained', [dip(1, 'coral', { said: 3 })], { explain: 'required' }, 'unexplained'],
  ['a recount out of turn', [dip(1, 'coral'), count(1, { coral: 1 })], {}, 'ok'],
  ['a recount with a token the key lacks', [count(1, { coral: 9, green: 0 })], {}, 'no-such-token'],
  ['a recount of less than nothing', [count(1, { coral: -1 })], {}, 'malformed'],
  ['a recount by a list', [count(1, ['coral'])], {}, 'malformed'],
  ['a recount with one too few', [dip(1, 'coral'), count(1, {})], {}, 'recount-differs'],
  ['a recount asks for no answer', [count(1, {})], { answers: 'must-be-right', explain: 'required' }, 'ok'],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(last(houseRules, entries)).toBe(verdict))

describe('the goal', () => {
  const level = [dip(1, 'slate'), dip(2, 'slate')]
  test('the round is finished; of those at the goal the higher wins, level shared', () => {
    const off = { goal: 10, recount: 'off' }
    expect(game({ houseRules: off, entries: [dip(1, 'plum')] }).result).toBeNull()
    expect(game({ houseRules: off, entries: [dip(1, 'plum'), dip(2, 'slate')] }).result).toMatchObject({
      winners: [2],
      why: 'goal-reached',
    })
    expect(game({ houseRules: off, entries: level }).result).toMatchObject({ winners: [1, 2], shared: true })
  })
  test('at once', () => {
    expect(
      game({ houseRules: { goal: 10, recount: 'off', finish: 'at-once' }, entries: [dip(1, 'plum')] }).result,
    ).toMatchObject({ winners: [1] })
  })
  test('a ruling moves it, an award counts toward it', () => {
    const moved = { ruling: { houseRules: { goal: 3, recount: 'off' } } }
    expect(game({ entries: [dip(1, 'coral'), dip(2, 'teal'), moved] }).result).toMatchObject({ winners: [1] })
    const award = { ruling: { award: { by: 2, points: 50 } } }
    expect(
      game({ houseRules: { recount: 'off' }, entries: [dip(1, 'coral'), award, dip(2, 'white')] }).result,
    ).toMatchObject({ winners: [2] })
  })
})

describe('recounting before it is won', () => {
  const rules = { goal: 10 }
  const there = [dip(1, 'plum'), dip(2, 'plum')]
  test('dipping stops until everyone at the goal has a recount that agrees', () => {
    const answer = game({
      houseRules: rules,
      entries: [...there, dip(1, 'coral'), count(1, { plum: 1 }), count(2, { plum: 2 }), count(2, { plum: 1 })],
    })
    expect(inShort(answer)).toEqual(['ok', 'ok', 'not-now', 'ok', 'recount-differs', 'ok'])
    expect(answer.result).toMatchObject({ winners: [1, 2] })
  })
  test('whose turn it is not hears that it is not now', () =>
    expect(last(rules, [...there, dip(2, 'coral')])).toBe('not-now'))
  test('one made after the last dip counts, though dipping went on; one before it does not', () => {
    const early = [dip(1, 'plum'), count(1, { plum: 1 }), dip(2, 'coral')]
    expect(game({ houseRules: rules, entries: early }).result).toMatchObject({ winners: [1] })
    const before = [dip(1, 'coral'), count(1, { coral: 1 }), dip(2, 'coral'), dip(1, 'plum'), dip(2, 'coral')]
    expect(game({ houseRules: rules, entries: before }).awaits).toEqual({ seats: [1], plays: ['recount'] })
  })
  test('the tape corrected, it agrees', () => {
    const answer = game({
      houseRules: rules,
      entries: [
        ...there,
        count(1, { slate: 1 }),
        { amend: 1, play: { do: 'dip', by: 1, token: 'slate' } },
        count(1, { slate: 1 }),
        count(2, { plum: 1 }),
      ],
    })
    expect(answer.result).toMatchObject({ winners: [1] })
  })
  test('a ruling lets it be', () => {
    expect(
      game({ houseRules: rules, entries: [...there, { ruling: { houseRules: { recount: 'off' } } }] }).result,
    ).toMatchObject({ winners: [1, 2] })
  })
  test('time waits for it, the referee’s finish does not', () => {
    const open = game({ houseRules: rules, entries: [...there, { call: 'time' }] })
    expect(open.result).toBeNull()
    expect(game({ houseRules: rules, entries: [...there, { call: 'finish' }] }).result).toMatchObject({
      winners: [1, 2],
      ended: 'finish',
    })
  })
})

describe('turns and the bag', () => {
  test('the best sum after even turns; an extra round breaks a tie', () => {
    const rules = { mode: 'turns', turns: 1, goal: 1 }
    expect(game({ houseRules: rules, entries: [dip(1, 'plum'), dip(2, 'slate')] }).result).toMatchObject({
      winners: [2],
      why: 'highest-sum',
    })
    const extra = { ...rules, tie: 'extra-round' }
    expect(game({ houseRules: extra, entries: [dip(1, 'plum'), dip(2, 'plum')] }).result).toBeNull()
    expect(
      game({ houseRules: extra, entries: [dip(1, 'plum'), dip(2, 'plum'), dip(1, 'teal'), dip(2, 'white')] }).result,
    ).toMatchObject({ winners: [1] })
  })
  test('an empty bag ends it at once, in the middle of a round, level shared even where ties are played on', () => {
    const rules = { mode: 'turns', bag: { coral: 2 }, tie: 'extra-round' }
    expect(game({ houseRules: rules, entries: [dip(1, 'coral'), dip(2, 'coral')] }).result).toMatchObject({
      winners: [1, 2],
      shared: true,
    })
    expect(game({ houseRules: { bag: { plum: 1 } }, entries: [dip(1, 'plum')] }).result).toMatchObject({
      winners: [1],
      why: 'highest-sum',
    })
  })
  test('a recount that is due still comes first', () => {
    const rules = { bag: { plum: 1 }, goal: 10 }
    expect(game({ houseRules: rules, entries: [dip(1, 'plum')] }).result).toBeNull()
    expect(game({ houseRules: rules, entries: [dip(1, 'plum'), count(1, { plum: 1 })] }).result).toMatchObject({
      winners: [1],
    })
  })
  test('the floor holds each time', () => {
    expect(scores(game({ houseRules: { key: BELOW }, entries: [dip(1, 'down'), dip(2, 'up'), dip(1, 'up')] }))).toEqual(
      [5, 5],
    )
    expect(
      scores(game({ houseRules: { key: BELOW, floor: null }, entries: [dip(1, 'down'), dip(2, 'up'), dip(1, 'up')] })),
    ).toEqual([-2, 5])
    expect(
      scores(game({ houseRules: { floor: null }, entries: [{ ruling: { award: { by: 1, points: -4 } } }] })),
    ).toEqual([-4, 0])
    expect(scores(game({ entries: [{ ruling: { award: { by: 1, points: -4 } } }] }))).toEqual([0, 0])
  })
})

test.each([
  [{ key: [] }, ['houseRules.key bad-house-rule']],
  [{ key: [...BELOW, BELOW[0]] }, ['houseRules.key.2.token bad-house-rule']],
  [{ key: [{ token: 'a', worth: 0 }] }, ['houseRules.goal target-out-of-reach']],
  [{ key: [{ token: 'a', worth: 0 }], mode: 'turns' }, []],
  [{ bag: { green: 3 } }, ['houseRules.bag.green bad-house-rule']],
  [{ bag: { coral: 0 } }, ['houseRules.bag bad-house-rule']],
  [{ bag: { coral: -1 } }, ['houseRules.bag.coral bad-house-rule']],
  [{ floor: 5 }, ['houseRules.floor bad-house-rule']],
  [{ tie: 'extra-round' }, ['houseRules.tie tie-not-offered']],
  [{ tie: 'extra-round', mode: 'turns' }, []],
])('setup %j: %j', (houseRules, found) => expect(problemsOf({ game: 'token-dip', houseRules })).toEqual(found))

describe('aid', () => {
  const state = (totals: number[], dishes: string[][] = [[], []]): DipState => ({
    seats: 2,
    first: 1,
    turn: 1,
    round: 1,
    fresh: true,
    totals,
    dishes,
    agreed: [false, false],
  })
  const rules = (more: object) => ({ ...tokenDip.houseRules.parse(more) }) as unknown as DipRules
  test('what a counted bag still holds', () => {
    const given = rules({ bag: { coral: 2, plum: 2 }, goal: 12 })
    const now = outlook(given, state([3, 0], [['coral'], []]), 1)
    expect(now.tokens.map(({ token }) => token)).toEqual(['coral', 'plum'])
    expect(now.reaches).toBeCloseTo(2 / 3)
    expect(now.expected).toBeCloseTo(23 / 3)
  })
  test.each([
    ['every dip one nearer', { key: [{ token: 'a', worth: 1 }], goal: 7 }, 7],
    [
      'half of them nothing',
      {
        key: [
          { token: 'a', worth: 1 },
          { token: 'b', worth: 0 },
        ],
        goal: 7,
      },
      14,
    ],
    [
      'a walk with a floor',
      {
        key: [
          { token: 'a', worth: 1 },
          { token: 'b', worth: -1 },
        ],
        goal: 4,
      },
      20,
    ],
    [
      'a walk without one',
      {
        key: [
          { token: 'a', worth: 1 },
          { token: 'b', worth: -1 },
        ],
        goal: 4,
        floor: null,
      },
      null,
    ],
    ['nothing that leads there', { key: [{ token: 'a', worth: 0 }], goal: 4, mode: 'turns' }, null],
  ])('expected dips: %s', (_what, given, dips) => {
    const found = expectedDips(rules(given), state([0, 0]), 1)
    if (dips === null) expect(found).toBeNull()
    else expect(found).toBeCloseTo(dips, 5)
  })
  test('expected dips agree with many that are dipped', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -3, max: 6 }), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 3, max: 15 }),
        (worths, goal) => {
          fc.pre(worths.some((worth) => worth > 0) && worths.reduce((a, b) => a + b, 0) > 0)
          const found = expectedDips(
            rules({ key: worths.map((worth, i) => ({ token: `t${i}`, worth })), goal }),
            state([0, 0]),
            1,
          )!
          const random = randomFor('dips', worths.join(), goal)
          let all = 0
          const TRIES = 4000
          for (let i = 0; i < TRIES; i++) for (let at = 0; at < goal; all++) at = Math.max(0, at + random.oneOf(worths))
          expect(all / TRIES / found).toBeGreaterThan(0.9)
          expect(all / TRIES / found).toBeLessThan(1.1)
        },
      ),
      { numRuns: 20, seed: 5 },
    )
  })
})
