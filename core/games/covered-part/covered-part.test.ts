import { dominoesLeft, pairsFor } from '#core/games/covered-part/advice'
import { coveredPart as game } from '#core/games/covered-part/index'
import { dominoesOf, houseRules as schema, type CoverRules, type CoverState } from '#core/games/covered-part/rules'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const hide = (by: number, parts: unknown, covered: unknown, announced: unknown, more: object = {}) =>
  play({ do: 'hide', by, parts, covered, announced, ...more })
const guess = (by: number, said: unknown, more: object = {}) => play({ do: 'guess', by, said, ...more })
const parts = (entries: unknown[], houseRules: Record<string, unknown> = {}, players = ['Ines', 'Tomasz']) => ({
  game: 'covered-part',
  players,
  houseRules,
  entries,
})
const times = { combine: 'times', pieces: 'dominoes' }

test.each([
  ['three parts', [hide(1, [1, 2, 3], 1, 6)], {}, 'malformed'],
  ['a third place covered', [hide(1, [1, 2], 3, 3)], {}, 'malformed'],
  ['nothing announced', [play({ do: 'hide', by: 1, parts: [1, 2], covered: 1 })], {}, 'malformed'],
  ['a guess without a number', [hide(1, [1, 2], 1, 3), play({ do: 'guess', by: 2 })], {}, 'malformed'],
  ['a guess before anything is hidden', [guess(2, 3)], {}, 'not-now'],
  ['a hide while a guess is awaited', [hide(1, [1, 2], 1, 3), hide(2, [1, 2], 1, 3)], {}, 'not-now'],
  ['a hide by the other', [hide(2, [1, 2], 1, 3)], {}, 'not-their-turn'],
  ['a guess by the hider', [hide(1, [1, 2], 1, 3), guess(1, 1)], {}, 'not-their-turn'],
  ['a third player', [hide(3, [1, 2], 1, 3)], {}, 'no-such-player'],
  ['a 7 on a die', [hide(1, [7, 2], 1, 9)], {}, 'no-such-face'],
  ['a 0 on a die', [hide(1, [0, 2], 1, 2)], {}, 'no-such-face'],
  ['a 0 on a domino', [hide(1, [0, 2], 1, 2)], { pieces: 'dominoes' }, 'ok'],
  ['the face before the total', [hide(1, [7, 2], 1, 8)], {}, 'no-such-face'],
  ['added up wrong', [hide(1, [3, 2], 1, 6)], {}, 'wrong-announcement'],
  ['the sum instead of the product', [hide(1, [3, 2], 1, 5)], { combine: 'times' }, 'wrong-announcement'],
  ['the total before what can’t be worked out', [hide(1, [0, 2], 2, 2)], times, 'wrong-announcement'],
  ['times, and a 0 is shown', [hide(1, [0, 2], 2, 0)], times, 'cannot-be-worked-out'],
  ['a covered 0 is fine', [hide(1, [0, 2], 1, 0)], times, 'ok'],
  ['a double blank can’t be worked out', [hide(1, [0, 0], 1, 0)], times, 'cannot-be-worked-out'],
  ['a 0 is shown, added', [hide(1, [0, 2], 2, 2)], { pieces: 'dominoes' }, 'ok'],
  [
    'a domino again, turned round',
    [hide(1, [1, 2], 1, 3), guess(2, 1), hide(2, [2, 1], 1, 3)],
    { pieces: 'dominoes' },
    'domino-used',
  ],
  ['the same dice again', [hide(1, [1, 2], 1, 3), guess(2, 1), hide(2, [2, 1], 1, 3)], {}, 'ok'],
  ['a wrong guess stands', [hide(1, [1, 2], 1, 3), guess(2, 3)], {}, 'ok'],
  ['a guess unexplained', [hide(1, [1, 2], 1, 3), guess(2, 1)], { explain: 'required' }, 'unexplained'],
  ['a hide needs no explaining', [hide(1, [1, 2], 1, 3)], { explain: 'required' }, 'ok'],
])('%s', (_what, entries, houseRules, verdict) =>
  expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
)

describe('rounds', () => {
  const round = [hide(1, [1, 2], 1, 3), guess(2, 1), hide(2, [5, 2], 2, 7), guess(1, 3)]
  test('a part found counts one; each hides once a round; most found win', () => {
    expect(scores(judged(parts(round)))).toEqual([0, 1])
    expect(judged(parts(round, { rounds: 1 })).result).toEqual({ winners: [2], shared: false, why: 'most-found' })
    expect(judged(parts(round.slice(0, 3), { rounds: 1 })).result).toBeNull()
    expect(judged({ ...parts([hide(2, [1, 2], 1, 3), guess(1, 1)]), first: 2 }).awaits).toEqual({
      seats: [1],
      plays: ['hide'],
    })
  })
  test('level is shared, or another round', () => {
    const level = [...round.slice(0, 3), guess(1, 2)]
    expect(judged(parts(level, { rounds: 1 })).result).toMatchObject({ winners: [1, 2], shared: true })
    const on = judged(parts([...level, ...round], { rounds: 1, tie: 'extra-round' }))
    expect(on.result).toMatchObject({ winners: [2], shared: false })
  })
  test('time finishes the round; awards count and stop at 0; rounds begun stay', () => {
    expect(judged(parts([round[0], { call: 'time' }, round[1]])).result).toBeNull()
    expect(judged(parts([round[0], { call: 'time' }, ...round.slice(1)])).result).toMatchObject({
      winners: [2],
      ended: 'time',
    })
    expect(
      scores(
        judged(parts([{ ruling: { award: { by: 1, points: -2 } } }, { ruling: { award: { by: 2, points: 2 } } }])),
      ),
    ).toEqual([0, 2])
    expect(inShort(judged(parts([...round, round[0], { ruling: { houseRules: { rounds: 1 } } }]))).at(-1)).toBe(
      'already-past',
    )
  })
  test('when no domino is left that may be hidden all are mixed again', () => {
    const small = { ...times, sides: 2, rounds: 9 }
    // Without the double blank there are five: 0|1, 0|2, 1|1, 1|2, 2|2.
    const all = dominoesOf(schema.parse(small) as unknown as CoverRules)
    expect(all).toHaveLength(5)
    const entries = all.flatMap(([a, b], i) => [hide(1 + (i % 2), [a, b], 1, a * b), guess(2 - (i % 2), a)])
    const answer = judged(parts([...entries, hide(2, [0, 1], 1, 0)], small))
    expect(inShort(answer).every((verdict) => verdict === 'ok')).toBe(true)
    expect(answer.verdicts[8]!.notes!.map(({ code }) => code)).toEqual(['covered', 'mixed'])
    expect(inShort(judged(parts([...entries.slice(0, -2), hide(1, [0, 1], 1, 0)], small))).at(-1)).toBe('domino-used')
  })
})

test('before the guess the room gets nothing of the covered part, after it everything', () => {
  const view = (entries: unknown[], houseRules: Record<string, unknown> = {}) => {
    const read = readMatch(fileOf(parts(entries, houseRules)))
    if (!read.ok) throw new Error('refused')
    return game.view(read.tape.state.rules as CoverRules, read.tape.state.game as CoverState) as CoverState
  }
  expect(view([hide(1, [5, 2], 1, 7)])).toMatchObject({ hidden: { by: 1, shown: 2, covered: 1, total: 7 } })
  expect(JSON.stringify(view([hide(1, [5, 2], 1, 7)], { pieces: 'dominoes' }))).not.toContain('5')
  expect(judged(parts([hide(1, [5, 2], 1, 7)])).verdicts[0]!.working).toBe('')
  expect(view([hide(1, [5, 2], 1, 7), guess(2, 4)]).history).toEqual([
    { by: 1, parts: [5, 2], covered: 1, total: 7, said: 4, found: false },
  ])
})

test.each([
  [{ answers: 'off' }, ['houseRules.answers answers-not-offered']],
  [{ sides: 1 }, ['houseRules.sides bad-house-rule']],
  [{ pieces: 'cards' }, ['houseRules.pieces bad-house-rule']],
  [{ tie: 'extra-round' }, []],
])('house rules %j: %j', (houseRules, found) => expect(problemsOf(parts([], houseRules))).toEqual(found))
test('hider and finder go round the table: the one after the hider finds, then hides', () => {
  const entries = [
    play({ do: 'hide', by: 1, parts: [4, 3], covered: 1, announced: 7 }),
    play({ do: 'guess', by: 3, said: 4 }),
    play({ do: 'guess', by: 2, said: 4 }),
    play({ do: 'hide', by: 1, parts: [4, 3], covered: 1, announced: 7 }),
    play({ do: 'hide', by: 2, parts: [6, 2], covered: 2, announced: 8 }),
    play({ do: 'guess', by: 3, said: 3 }),
    play({ do: 'hide', by: 3, parts: [1, 5], covered: 2, announced: 6 }),
    play({ do: 'guess', by: 1, said: 5 }),
  ]
  const answer = judged(parts(entries, { rounds: 1 }, ['Ines', 'Tomasz', 'Bao']))
  expect(inShort(answer)).toEqual(['ok', 'not-their-turn', 'ok', 'not-their-turn', 'ok', 'ok', 'ok', 'ok'])
  expect(scores(answer)).toEqual([1, 1, 0])
  expect(answer.result).toMatchObject({ winners: [1, 2], shared: true })
  expect(problemsOf(parts([], {}, ['A', 'B', 'C', 'D', 'E']))).toEqual(['players too-many-players'])
})

test('the aid: pairs that make a total, and dominoes left', () => {
  const rules = (given: object) => schema.parse(given) as unknown as CoverRules
  expect(pairsFor(rules({}), 8)).toEqual([
    [2, 6],
    [3, 5],
    [4, 4],
  ])
  expect(pairsFor(rules({ pieces: 'dominoes' }), 2)).toEqual([
    [0, 2],
    [1, 1],
  ])
  expect(pairsFor(rules({ combine: 'times' }), 12)).toEqual([
    [2, 6],
    [3, 4],
  ])
  expect(dominoesLeft(rules({ pieces: 'dominoes' }), { used: ['0|0', '3|4'] })).toHaveLength(26)
})

test('facts: the hider’s sum, and what the guess takes away', () => {
  const state = { hidden: { by: 1, parts: [3, 4], covered: 2, total: 7 } } as unknown as CoverState
  const rules = schema.parse({}) as unknown as CoverRules
  expect(
    game.facts(rules, { hidden: null } as CoverState, { do: 'hide', by: 1, parts: [3, 4], covered: 2, announced: 8 }),
  ).toEqual([{ operation: 'add', terms: [3, 4], answer: 7, said: 8 }])
  expect(game.facts(rules, state, { do: 'guess', by: 2, said: 5 })).toEqual([
    { operation: 'subtract', terms: [7, 3], answer: 4, said: 5 },
  ])
  const product = { ...state, hidden: { ...state.hidden!, total: 12 } }
  expect(game.facts({ ...rules, combine: 'times' }, product, { do: 'guess', by: 2, said: 5 })).toEqual([
    { operation: 'times', terms: [3, 4], answer: 12, said: 15 },
  ])
})
