import { bringsFrom, stillToCome } from '#core/games/step-and-gather/advice'
import { houseRules as schema, type StepRules } from '#core/games/step-and-gather/rules'
import { inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const step = (by: number, roll: number, more: object = {}) => play({ do: 'step', by, roll, ...more })
const short = { path: [2, 5, 1, 3] }
const parts = (entries: unknown[], houseRules: Record<string, unknown> = short, players = ['Ines', 'Tomasz']) => ({
  game: 'step-and-gather',
  players,
  houseRules,
  entries,
})
const award = (by: number, points: number) => ({ ruling: { award: { by, points } } })

test.each([
  ['a face that the die lacks', [step(1, 7)], short, 'no-such-face'],
  ['0 is no face', [step(1, 0)], short, 'no-such-face'],
  ['a 7 on a die with eight sides', [step(1, 7)], { ...short, sides: 8 }, 'ok'],
  ['out of turn', [step(2, 1)], short, 'not-their-turn'],
  ['the face before the landing', [step(1, 9, { landed: 9 })], short, 'no-such-face'],
  ['the space one leaves counted', [step(1, 2, { landed: 1 })], short, 'wrong-landing'],
  ['the right space', [step(1, 2, { landed: 2 })], short, 'ok'],
  ['beyond home one stands on the last space', [step(1, 6, { landed: 4 })], short, 'ok'],
  ['beyond home is no space', [step(1, 6, { landed: 6 })], short, 'wrong-landing'],
  ['exactly: one stays', [step(1, 6, { landed: 0 })], { ...short, atEnd: 'exact' }, 'ok'],
  ['exactly: and not on the last space', [step(1, 6, { landed: 4 })], { ...short, atEnd: 'exact' }, 'wrong-landing'],
  [
    'the landing before the total',
    [step(1, 2, { landed: 3, said: 9 })],
    { ...short, answers: 'must-be-right' },
    'wrong-landing',
  ],
  ['nothing said', [step(1, 2)], { ...short, answers: 'must-be-right' }, 'answer-missing'],
  [
    'what was gathered instead of the total',
    [step(1, 1, { said: 2 }), step(2, 1, { said: 2 }), step(1, 1, { said: 5 })],
    { ...short, answers: 'must-be-right' },
    'wrong-answer',
  ],
  [
    'a total with the award in it',
    [award(1, 3), step(1, 2, { said: 8 })],
    { ...short, answers: 'must-be-right' },
    'ok',
  ],
  [
    'one who stays says the same total',
    [step(1, 6, { said: 0 })],
    { ...short, atEnd: 'exact', answers: 'must-be-right' },
    'ok',
  ],
  ['unexplained', [step(1, 2)], { ...short, explain: 'required' }, 'unexplained'],
  ['a landing that is none', [step(1, 2, { landed: null })], short, 'malformed'],
])('%s', (_what, entries, houseRules, verdict) =>
  expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
)

describe('the way home', () => {
  test('so many cubes as the space says; who is home is passed over; most cubes when all are home', () => {
    const entries = [step(1, 4), step(2, 1), step(2, 1), step(2, 1), step(2, 1)]
    const answer = judged(parts(entries))
    expect([scores(answer), answer.result]).toEqual([[3, 11], { winners: [2], shared: false, why: 'most-cubes' }])
    expect(judged(parts(entries.slice(0, 3))).awaits).toEqual({ seats: [2], plays: ['step'] })
  })
  test('level is shared; played on it can’t be', () => {
    expect(judged(parts([step(1, 4), step(2, 4)])).result).toMatchObject({ winners: [1, 2], shared: true })
    expect(problemsOf(parts([], { ...short, tie: 'extra-round' }))).toEqual(['houseRules.tie tie-not-offered'])
  })
  test('one who stays gathers nothing and the turn passes', () => {
    const answer = judged(parts([step(1, 3), step(2, 1), step(1, 2)], { ...short, atEnd: 'exact' }))
    expect([scores(answer), answer.awaits?.seats]).toEqual([[1, 2], [2]])
    expect(answer.verdicts.at(-1)!.notes).toMatchObject([{ code: 'stays' }])
  })
  test('time finishes the round; awards count and stop at 0', () => {
    expect(judged(parts([step(1, 2), { call: 'time' }])).result).toBeNull()
    expect(judged(parts([step(1, 2), { call: 'time' }, step(2, 1)])).result).toMatchObject({
      winners: [1],
      ended: 'time',
    })
    expect(scores(judged(parts([step(1, 2), award(1, -7), award(2, 4)])))).toEqual([0, 4])
  })
})

test.each([
  [{ path: [] }, ['houseRules.path bad-house-rule']],
  [{ path: [1, -1] }, ['houseRules.path.1 bad-house-rule']],
  [{ sides: 1 }, ['houseRules.sides bad-house-rule']],
  [{ atEnd: 'bounce' }, ['houseRules.atEnd bad-house-rule']],
  [{ path: [0], sides: 2 }, []],
])('house rules %j: %j', (houseRules, found) => expect(problemsOf(parts([], houseRules))).toEqual(found))

describe('the aid', () => {
  const rules = (given: object) => schema.parse({ ...short, ...given }) as unknown as StepRules
  test('what each roll brings', () => {
    expect(bringsFrom(rules({ sides: 3 }), 2)).toEqual([
      { roll: 1, to: 3, gathered: 1 },
      { roll: 2, to: 4, gathered: 3 },
      { roll: 3, to: 4, gathered: 3 },
    ])
    expect(bringsFrom(rules({ sides: 3, atEnd: 'exact' }), 2)[2]).toEqual({ roll: 3, to: 2, gathered: 0 })
    expect(bringsFrom(rules({}), 4)).toEqual([])
  })
  test.each([
    ['stop-there', 2],
    ['exact', 2],
    ['stop-there', 6],
    ['exact', 6],
  ])('what may still come, %s with %i sides: the same as every way walked', (atEnd, sides) => {
    const given = rules({ atEnd, sides })
    const walk = (at: number): { most: number; mean: number } => {
      const moves = bringsFrom(given, at).filter(({ to }) => to !== at)
      if (!moves.length) return { most: 0, mean: 0 }
      const ways = moves.map(({ to, gathered }) => ({ most: gathered + walk(to).most, mean: gathered + walk(to).mean }))
      return {
        most: Math.max(...ways.map(({ most }) => most)),
        mean: ways.reduce((sum, { mean }) => sum + mean, 0) / ways.length,
      }
    }
    for (let at = 0; at <= 4; at++) {
      expect(stillToCome(given, at).most).toBe(walk(at).most)
      expect(stillToCome(given, at).mean).toBeCloseTo(walk(at).mean, 12)
    }
    expect(stillToCome(given, 0).most).toBe(11)
  })
})
