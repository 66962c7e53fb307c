import { chancesNow, resultsOf } from '#core/games/top-total/advice'
import { topTotal } from '#core/games/top-total/index'
import type { TopRules, TopState } from '#core/games/top-total/rules'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const roll = (by: number, dice: number[], said?: number) =>
  play({ do: 'roll', by, dice, ...(said === undefined ? {} : { said }) })
const parts = (entries: unknown[], houseRules: Record<string, unknown> = {}, players = ['Ines', 'Tomasz']) => ({
  game: 'top-total',
  players,
  houseRules,
  entries,
})
const ruling = (houseRules: object) => ({ ruling: { houseRules } })

describe('reasons, in their order', () => {
  test.each([
    ['a face before the count', [roll(1, [7])], {}, 'no-such-face'],
    ['too few dice', [roll(1, [6])], {}, 'wrong-dice-count'],
    ['out of turn', [roll(2, [6, 6])], {}, 'not-their-turn'],
    ['0 is no face', [roll(1, [0, 6])], {}, 'no-such-face'],
    ['a twelve on a twelve-sided die', [roll(1, [12, 1])], { sides: 12 }, 'ok'],
    ['the answer is missing', [roll(1, [6, 5])], { answers: 'must-be-right' }, 'answer-missing'],
    ['the answer is wrong', [roll(1, [6, 5], 12)], { answers: 'must-be-right' }, 'wrong-answer'],
    ['unexplained', [roll(1, [6, 5], 11)], { explain: 'required' }, 'unexplained'],
    ['dice that are no list', [play({ do: 'roll', by: 1, dice: 6 })], {}, 'malformed'],
  ])('%s', (_what, entries, houseRules, verdict) =>
    expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
  )
})

describe('what a round comes to', () => {
  test.each([
    [
      'the higher sum',
      {},
      [
        [6, 5],
        [6, 4],
      ],
      [1, 0],
    ],
    [
      'the lower sum',
      { better: 'lower' },
      [
        [6, 5],
        [6, 4],
      ],
      [0, 1],
    ],
    [
      'the higher product',
      { combine: 'times' },
      [
        [2, 6],
        [4, 4],
      ],
      [0, 1],
    ],
    [
      'the higher difference, whichever die came first',
      { combine: 'difference' },
      [
        [1, 6],
        [6, 2],
      ],
      [1, 0],
    ],
    [
      'a level round is nobody’s',
      {},
      [
        [6, 4],
        [5, 5],
      ],
      [0, 0],
    ],
    [
      'or counts for all who are level',
      { tiedRound: 'both' },
      [
        [6, 4],
        [5, 5],
      ],
      [1, 1],
    ],
    ['a wrong answer noted changes nothing', { dice: 1 }, [[6], [5]], [1, 0]],
  ])('%s', (_what, houseRules, [one, two], won) => {
    expect(scores(judged(parts([roll(1, one as number[], 99), roll(2, two as number[])], houseRules)))).toEqual(won)
  })

  test('the round’s line, and that of more than two', () => {
    expect(judged(parts([roll(1, [6, 5]), roll(2, [6, 6])])).verdicts[1]!.working).toBe('6 + 6 = 12; 11 < 12')
    expect(
      judged(parts([roll(1, [1, 3]), roll(2, [3, 4]), roll(3, [4, 5])], {}, ['A', 'B', 'C'])).verdicts[2]!.working,
    ).toBe('4 + 5 = 9; 4 < 7 < 9')
  })
})

describe('rolling again', () => {
  const three = ['A', 'B', 'C']
  const reroll = { tiedRound: 'reroll', rounds: 1 }

  test('only the level ones, in the round’s order, until one is best', () => {
    const entries = [
      roll(1, [6, 6]),
      roll(2, [1, 1]),
      roll(3, [6, 6]),
      roll(2, [6, 6]),
      roll(1, [2, 2]),
      roll(3, [1, 3]),
      roll(1, [1, 1]),
      roll(3, [1, 2]),
    ]
    const answer = judged(parts(entries, reroll, three))
    expect(inShort(answer)).toEqual(['ok', 'ok', 'ok', 'not-their-turn', 'ok', 'ok', 'ok', 'ok'])
    expect(answer.result).toEqual({ winners: [3], shared: false, why: 'most-rounds' })
  })

  test('a rule changed meanwhile decides at the end of the pass in progress', () => {
    const level = [roll(1, [6, 6]), roll(2, [6, 6]), roll(1, [3, 3])]
    expect(scores(judged(parts([...level, ruling({ tiedRound: 'both' }), roll(2, [3, 3])], reroll)))).toEqual([1, 1])
    expect(scores(judged(parts([...level, ruling({ tiedRound: 'nobody' }), roll(2, [3, 3])], reroll)))).toEqual([0, 0])
    expect(scores(judged(parts([...level, ruling({ tiedRound: 'nobody' }), roll(2, [3, 4])], reroll)))).toEqual([0, 1])
  })

  test('time finishes the round, its rolls again too', () => {
    const entries = [roll(1, [6, 6]), { call: 'time' }, roll(2, [6, 6])]
    expect(judged(parts(entries, { tiedRound: 'reroll' })).result).toBeNull()
    expect(judged(parts([...entries, roll(1, [1, 1]), roll(2, [1, 2])], { tiedRound: 'reroll' })).result).toMatchObject(
      { winners: [2], ended: 'time' },
    )
  })
})

describe('the end', () => {
  const level = [roll(1, [6, 6]), roll(2, [1, 1]), roll(1, [1, 1]), roll(2, [6, 6])]
  test('most rounds; level is shared, or played on round by round', () => {
    expect(judged(parts(level, { rounds: 2 })).result).toEqual({ winners: [1, 2], shared: true, why: 'most-rounds' })
    const on = judged(
      parts([...level, roll(1, [6, 6]), roll(2, [6, 6]), roll(1, [6, 6]), roll(2, [6, 5])], {
        rounds: 2,
        tie: 'extra-round',
      }),
    )
    expect(on.result).toMatchObject({ winners: [1], shared: false })
  })
  test('`first` begins every round; awards count, and stop at 0', () => {
    const answer = judged({
      ...parts([
        roll(2, [6, 6]),
        roll(1, [1, 1]),
        { ruling: { award: { by: 1, points: -3 } } },
        { ruling: { award: { by: 2, points: 2 } } },
      ]),
      first: 2,
    })
    expect([scores(answer), answer.awaits]).toEqual([[0, 3], { seats: [2], plays: ['roll'] }])
  })
  test('fewer rounds than have begun are refused', () => {
    expect(inShort(judged(parts([...level, roll(1, [1, 1]), ruling({ rounds: 2 })]))).at(-1)).toBe('already-past')
    expect(inShort(judged(parts([...level, ruling({ rounds: 2 })]))).at(-1)).toBe('ok')
  })
})

test.each([
  [{ combine: 'difference', dice: 3 }, ['houseRules.combine bad-house-rule']],
  [{ combine: 'difference', dice: 1 }, ['houseRules.combine bad-house-rule']],
  [{ sides: 7 }, ['houseRules.sides bad-house-rule']],
  [{ dice: 5 }, ['houseRules.dice bad-house-rule']],
  [{ combine: 'difference' }, []],
])('house rules %j: %j', (houseRules, problems) => expect(problemsOf(parts([], houseRules))).toEqual(problems))

describe('the chance to beat what lies', () => {
  const stateOf = (entries: unknown[], houseRules = {}) => {
    const read = readMatch(fileOf(parts(entries, houseRules)))
    if (!read.ok) throw new Error('refused')
    return [read.tape.state.rules as TopRules, read.tape.state.game as TopState] as const
  }
  test('by counting: 7 of two dice is beaten by 15 of 36 rolls', () => {
    const chances = chancesNow(...stateOf([roll(1, [3, 4])]))!
    expect([chances.better, chances.level, chances.worse].map((chance) => Math.round(36 * chance))).toEqual([15, 6, 15])
    const lower = chancesNow(...stateOf([roll(1, [1, 1])], { better: 'lower' }))!
    expect(lower.better).toBe(0)
    expect(chancesNow(...stateOf([]))).toBeNull()
  })
  test.each([
    ['add', 3],
    ['times', 4],
    ['difference', 2],
  ] as const)('%s of %i dice: the same as every roll counted', (combine, dice) => {
    const counted = new Map<number, number>()
    const each = (left: number, values: number[]) => {
      if (left) for (let face = 1; face <= 4; face++) each(left - 1, [...values, face])
      else {
        const result =
          combine === 'add'
            ? values.reduce((a, b) => a + b)
            : combine === 'times'
              ? values.reduce((a, b) => a * b)
              : Math.abs(values[0]! - values[1]!)
        counted.set(result, (counted.get(result) ?? 0) + 1 / 4 ** dice)
      }
    }
    each(dice, [])
    const found = resultsOf({ dice, sides: 4, combine })
    expect([...found.keys()]).toEqual([...counted.keys()].sort((a, b) => a - b))
    for (const [result, chance] of found) expect(chance).toBeCloseTo(counted.get(result)!, 12)
  })
})

test('facts follow what is worked out', () => {
  expect(
    topTotal.facts({ combine: 'difference' } as TopRules, {} as TopState, { do: 'roll', by: 1, dice: [2, 6] }),
  ).toEqual([{ operation: 'subtract', terms: [6, 2], answer: 4 }])
  expect(topTotal.facts({ combine: 'times' } as TopRules, {} as TopState, { do: 'roll', by: 1, dice: [2, 6] })).toEqual(
    [{ operation: 'times', terms: [2, 6], answer: 12 }],
  )
  expect(topTotal.facts({ combine: 'add' } as TopRules, {} as TopState, { do: 'roll', by: 1, dice: [5] })).toEqual([])
})
