import { chanceNow, spinsToGoal, winningSpins } from '#core/games/exact-landing/advice'
import { houseRules as schema, spinFrom, type LandingRules } from '#core/games/exact-landing/rules'
import { randomFor } from '#core/basics/random'
import { inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const spin = (by: number, text: string, said?: number) =>
  play({ do: 'spin', by, sign: text[0], step: Number(text.slice(1)), ...(said === undefined ? {} : { said }) })
const parts = (entries: unknown[], houseRules: Record<string, unknown> = {}, players = ['Ines', 'Tomasz']) => ({
  game: 'exact-landing',
  players,
  houseRules,
  entries,
})
const ruling = (houseRules: object) => ({ ruling: { houseRules } })

test.each([
  ['a step that is not on the spinner', [spin(1, '+4')], {}, 'no-such-face'],
  ['a step of 0', [spin(1, '+0')], {}, 'no-such-face'],
  ['out of turn', [spin(2, '+1')], {}, 'not-their-turn'],
  ['another sign', [play({ do: 'spin', by: 1, sign: '−', step: 1 })], {}, 'malformed'],
  ['no sign', [play({ do: 'spin', by: 1, step: 1 })], {}, 'malformed'],
  ['nothing said', [spin(1, '+3')], { answers: 'must-be-right' }, 'answer-missing'],
  ['the wrong way', [spin(1, '-3', 8)], { answers: 'must-be-right' }, 'wrong-answer'],
  ['below zero', [spin(1, '-2', -1)], { start: 1, under: 'extend', answers: 'must-be-right' }, 'ok'],
  ['unexplained', [spin(1, '+3', 8)], { explain: 'required' }, 'unexplained'],
  [
    'off the line nothing is asked, and what is said is ignored',
    [spin(1, '+3', 99)],
    { start: 9, answers: 'must-be-right', explain: 'required' },
    'ok',
  ],
  ['an award', [{ ruling: { award: { by: 1, points: 1 } } }], {}, 'no-points-here'],
])('%s', (_what, entries, houseRules, verdict) =>
  expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
)

describe('off the line', () => {
  test.each([
    ['over', 'spin-again', 9, '+3', [9, 9], 1, 'spin-again'],
    ['over', 'lose-turn', 9, '+3', [9, 9], 2, 'turn-lost'],
    ['over', 'extend', 9, '+3', [12, 9], 2, 'moves'],
    ['under', 'spin-again', 1, '-3', [1, 1], 1, 'spin-again'],
    ['under', 'lose-turn', 1, '-3', [1, 1], 2, 'turn-lost'],
    ['under', 'extend', 1, '-3', [-2, 1], 2, 'moves'],
  ])('%s %s from %i', (end, how, start, text, places, next, note) => {
    const answer = judged(parts([spin(1, text)], { start, [end]: how }))
    expect([scores(answer), answer.awaits?.seats, answer.verdicts[0]!.notes![0]!.code]).toEqual([places, [next], note])
  })
  test('spun again is the same turn: the round is not over by it', () => {
    const answer = judged(parts([spin(1, '+3'), { call: 'time' }, spin(1, '+3'), spin(1, '-1')], { start: 9 }))
    expect([answer.result, answer.awaits?.seats]).toEqual([null, [2]])
  })
  test('a piece beyond an end that goes on no more moves back as usual; only farther out is off', () => {
    const rules = schema.parse({ over: 'lose-turn', under: 'extend' }) as unknown as LandingRules
    expect(spinFrom(rules, 13, '-', 1)).toEqual({ to: 12, off: null })
    expect(spinFrom(rules, 13, '+', 1)).toEqual({ to: 14, off: 'over' })
    const voted = [spin(1, '+3'), spin(2, '-1'), ruling({ over: 'spin-again' }), spin(1, '+1'), spin(1, '-2')]
    const answer = judged(parts(voted, { start: 9, over: 'extend' }))
    expect(answer.result).toEqual({ winners: [1], shared: false, why: 'landed' })
  })
})

describe('the end', () => {
  test('at once, or after even turns: all who landed win', () => {
    expect(judged(parts([spin(1, '+2')], { start: 8 })).result).toEqual({ winners: [1], shared: false, why: 'landed' })
    const even = { start: 8, finish: 'even-turns' }
    expect(judged(parts([spin(1, '+2')], even)).result).toBeNull()
    expect(judged(parts([spin(1, '+2'), spin(2, '+2')], even)).result).toEqual({
      winners: [1, 2],
      shared: true,
      why: 'landed',
    })
    expect(judged(parts([spin(1, '+2'), spin(2, '+1')], even)).result).toMatchObject({ winners: [1] })
    expect(judged(parts([spin(1, '+2'), ruling({ finish: 'at-once' })], even)).result).toMatchObject({ winners: [1] })
  })
  test('ended early the nearest wins, from either side', () => {
    const entries = [spin(1, '+3'), spin(2, '-1')]
    expect(judged(parts([...entries, { call: 'finish' }], { goal: 6 })).result).toEqual({
      winners: [1, 2],
      shared: true,
      why: 'nearest',
      ended: 'finish',
    })
    expect(judged(parts([spin(1, '+3'), { call: 'time' }, spin(2, '+1')], { goal: 9 })).result).toMatchObject({
      winners: [1],
      why: 'nearest',
      ended: 'time',
    })
  })
  test('a new goal counts only when landed on; it may be the start', () => {
    const moved = [spin(1, '+3'), ruling({ goal: 8 })]
    expect(judged(parts(moved)).result).toBeNull()
    expect(inShort(judged(parts([ruling({ goal: 5 })])))).toEqual(['ok'])
    expect(judged(parts([ruling({ goal: 5 }), spin(1, '+1'), spin(2, '+1'), spin(1, '-1')])).result).toMatchObject({
      winners: [1],
    })
    expect(inShort(judged(parts([ruling({ goal: 11 })])))).toEqual(['bad-line'])
    expect(inShort(judged(parts([ruling({ low: -5 })])))).toEqual(['not-changeable'])
  })
})

test.each([
  [{ start: 10 }, ['houseRules.start bad-line']],
  [{ start: 11, goal: 3 }, ['houseRules.start bad-line']],
  [{ goal: 11 }, ['houseRules.goal bad-line']],
  [{ low: 10, high: 10 }, ['houseRules.high bad-line']],
  [{ steps: [2, 4], goal: 10 }, ['houseRules.goal goal-out-of-reach']],
  [{ steps: [7], goal: 10 }, ['houseRules.goal goal-out-of-reach']],
  [{ steps: [7], goal: 5, start: 4, high: 8 }, ['houseRules.goal goal-out-of-reach']],
  // 5 + 7 − 4 − … is only within reach where the line goes on.
  [{ steps: [7, 6], start: 5, goal: 4, high: 10 }, ['houseRules.goal goal-out-of-reach']],
  [{ steps: [7, 6], start: 5, goal: 4, over: 'extend' }, []],
  [{ steps: [0] }, ['houseRules.steps.0 bad-house-rule']],
  [{ over: 'bounce' }, ['houseRules.over bad-house-rule']],
  [{ low: -10, start: -6, goal: 0 }, []],
])('setup %j: %j', (houseRules, found) => expect(problemsOf(parts([], houseRules))).toEqual(found))

describe('the aid', () => {
  const rules = (given: object) => schema.parse(given) as unknown as LandingRules
  test('which spins win, and how likely the next one does', () => {
    expect(winningSpins(rules({}), 8)).toEqual([{ sign: '+', step: 2 }])
    expect(winningSpins(rules({ goal: 4 }), 7)).toEqual([{ sign: '-', step: 3 }])
    expect([chanceNow(rules({}), 8), chanceNow(rules({ steps: [1, 2, 2] }), 8), chanceNow(rules({}), 5)]).toEqual([
      1 / 6,
      1 / 3,
      0,
    ])
  })
  test('the mean number of spins: by hand on a short line', () => {
    // 0 to 2 by ones, home is 2: from 1 it is e, from 0 it is f; e = 1 + f/2, f = 1 + f/2 + e/2.
    const short = rules({ low: 0, high: 2, start: 1, goal: 2, steps: [1] })
    expect(spinsToGoal(short, 1)).toBeCloseTo(4, 9)
    expect(spinsToGoal(short, 0)).toBeCloseTo(6, 9)
    // A walk by ones over an open lower end comes home, but its mean grows without end.
    expect(spinsToGoal(rules({ steps: [1], under: 'extend' }), 5)).toBeNull()
    expect(spinsToGoal(rules({ over: 'extend' }), 5)).toBeNull()
    // Nobody passes the goal by ones, so that the open end behind it does not matter.
    expect(spinsToGoal(rules({ steps: [1], over: 'extend' }), 5)).not.toBeNull()
    // A piece that stands on the goal without having landed there leaves it and comes back.
    expect(spinsToGoal(short, 2)).toBeCloseTo(1 / (1 / 2) + 4, 9)
  })
  test('it agrees with matches played', () => {
    const given = rules({ steps: [1, 2, 2, 5], low: -3, high: 12, goal: 7 })
    const exact = spinsToGoal(given, 1)!
    const random = randomFor('landing', 1)
    let spins = 0
    const runs = 40_000
    for (let run = 0; run < runs; run++)
      for (let at = 1; at !== given.goal;) {
        spins++
        const { to, off } = spinFrom(given, at, random.whole(0, 1) ? '+' : '-', given.steps[random.whole(0, 3)]!)
        if (off === null) at = to
      }
    expect(Math.abs(spins / runs / exact - 1)).toBeLessThan(0.03)
  })
  test('a long line with long steps is worked out too', () => {
    const mean = spinsToGoal(rules({ low: -1000, high: 1000, start: 0, goal: 1000, steps: [1, 50, 100] }), 0)!
    expect(mean).toBeGreaterThan(100)
    expect(Number.isFinite(mean)).toBe(true)
  })
})
