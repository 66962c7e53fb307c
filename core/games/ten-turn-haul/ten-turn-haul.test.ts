import { prospects, sumsOf } from '#core/games/ten-turn-haul/advice'
import type { HaulRules, HaulState } from '#core/games/ten-turn-haul/rules'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const spin = (by: number, value: number, said?: number) =>
  play({ do: 'spin', by, value, ...(said === undefined ? {} : { said }) })
const parts = (entries: unknown[], houseRules: Record<string, unknown> = {}, players = ['Ines', 'Tomasz']) => ({
  game: 'ten-turn-haul',
  players,
  houseRules,
  entries,
})
const award = (by: number, points: number) => ({ ruling: { award: { by, points } } })

test.each([
  ['a number that is not on it', [spin(1, 11)], {}, 'no-such-face'],
  ['0 is no number of a spinner', [spin(1, 0)], {}, 'no-such-face'],
  ['a number that stands there twice', [spin(1, 4)], { faces: [4, 4] }, 'ok'],
  ['out of turn', [spin(2, 3)], {}, 'not-their-turn'],
  ['out of turn before the face', [spin(2, 30)], {}, 'not-their-turn'],
  ['nothing said', [spin(1, 3)], { answers: 'must-be-right' }, 'answer-missing'],
  [
    'the spin instead of the total',
    [spin(1, 3, 3), spin(2, 3, 3), spin(1, 4, 4)],
    { answers: 'must-be-right' },
    'wrong-answer',
  ],
  ['a total with the award in it', [award(1, 5), spin(1, 4, 9)], { answers: 'must-be-right' }, 'ok'],
  ['a total without the award', [award(1, 5), spin(1, 4, 4)], { answers: 'must-be-right' }, 'wrong-answer'],
  ['unexplained', [spin(1, 4, 4)], { explain: 'required' }, 'unexplained'],
  ['a value that is no number', [play({ do: 'spin', by: 1, value: '4' })], {}, 'malformed'],
  ['no value', [play({ do: 'spin', by: 1 })], {}, 'malformed'],
  ['another kind of play', [play({ do: 'roll', by: 1, dice: [4] })], {}, 'malformed'],
])('%s', (_what, entries, houseRules, verdict) =>
  expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
)

describe('the end', () => {
  const two = [spin(1, 7), spin(2, 9), spin(1, 8), spin(2, 6)]
  test('after even turns the highest sum; the lowest where agreed', () => {
    expect(judged(parts(two.slice(0, 3), { turns: 2 })).result).toBeNull()
    expect(judged(parts([...two.slice(0, 3), spin(2, 5)], { turns: 2 })).result).toEqual({
      winners: [1],
      shared: false,
      why: 'highest-sum',
    })
    expect(judged(parts([...two.slice(0, 3), spin(2, 5)], { turns: 2, better: 'lower' })).result).toEqual({
      winners: [2],
      shared: false,
      why: 'lowest-sum',
    })
  })
  test('level is shared, or another turn each until it breaks', () => {
    expect(judged(parts(two, { turns: 2 })).result).toMatchObject({ winners: [1, 2], shared: true })
    const on = parts([...two, spin(1, 3), spin(2, 3), spin(1, 3), spin(2, 4)], { turns: 2, tie: 'extra-round' })
    expect(judged(on).result).toMatchObject({ winners: [2], shared: false })
    expect(judged({ ...on, entries: on.entries.slice(0, -1) }).awaits).toEqual({ seats: [2], plays: ['spin'] })
  })
  test('alone the sum is the score', () => {
    expect(judged(parts([spin(1, 7), spin(1, 8, 15)], { turns: 2 }, ['Ines']))).toMatchObject({
      result: { winners: [1], shared: false },
    })
  })
  test('an award counts and stops at 0; turns are never fewer than have begun', () => {
    expect(scores(judged(parts([spin(1, 7), award(1, -9), award(2, 3)])))).toEqual([0, 3])
    expect(inShort(judged(parts([...two, spin(1, 1), { ruling: { houseRules: { turns: 2 } } }]))).at(-1)).toBe(
      'already-past',
    )
    expect(
      judged(parts([...two.slice(0, 3), spin(2, 5), { ruling: { houseRules: { turns: 2 } } }])).result,
    ).toMatchObject({ winners: [1] })
  })
  test('time finishes the turn', () => {
    expect(judged(parts([spin(1, 7), { call: 'time' }])).result).toBeNull()
    expect(judged(parts([spin(1, 7), { call: 'time' }, spin(2, 9)])).result).toMatchObject({
      winners: [2],
      ended: 'time',
    })
  })
})

test.each([
  [{ faces: [] }, ['houseRules.faces bad-house-rule']],
  [{ faces: [0, 1] }, ['houseRules.faces.0 bad-house-rule']],
  [{ turns: 0 }, ['houseRules.turns bad-house-rule']],
  [{ better: 'most' }, ['houseRules.better bad-house-rule']],
  [{ faces: [2, 2, 9], turns: 3 }, []],
])('house rules %j: %j', (houseRules, found) => expect(problemsOf(parts([], houseRules))).toEqual(found))

describe('the chance to catch up', () => {
  const stateOf = (entries: unknown[], houseRules: Record<string, unknown>, players?: string[]) => {
    const read = readMatch(fileOf(parts(entries, houseRules, players)))
    if (!read.ok) throw new Error('refused')
    return [read.tape.state.rules as HaulRules, read.tape.state.game as HaulState] as const
  }
  test('sums of spins, each face as often as it stands there', () => {
    expect(sumsOf([1, 1, 4], 1)).toEqual([0, 2 / 3, 0, 0, 1 / 3])
    const two = sumsOf([1, 1, 4], 2)
    expect([two[2], two[5], two[8]].map((chance) => Math.round(9 * chance!))).toEqual([4, 4, 1])
  })
  test.each([
    ['higher', 0.7, 0.2],
    ['lower', 0.2, 0.7],
  ])('one spin left, the %s wins', (better, ahead, behind) => {
    // Ines has 10; Tomasz has 7 and one spin of 1 to 10: 4 to 10 pass her, 3 makes it level.
    const [ines, tomasz] = prospects(
      ...stateOf([spin(1, 10), spin(2, 7), spin(1, 1), award(1, -1)], { turns: 2, better }),
    )
    expect([tomasz!.alone, ines!.alone, ines!.level, tomasz!.level].map((chance) => chance.toFixed(6))).toEqual(
      [ahead, behind, 0.1, 0.1].map((chance) => chance.toFixed(6)),
    )
  })
  test('the same as every end counted, for three', () => {
    const houseRules = { faces: [1, 2, 5], turns: 2 }
    const found = prospects(...stateOf([spin(1, 2), spin(2, 1), spin(3, 5), spin(1, 1)], houseRules, ['A', 'B', 'C']))
    const counted = [0, 1, 2].map(() => ({ alone: 0, level: 0 }))
    for (const b of houseRules.faces)
      for (const c of houseRules.faces) {
        const ends = [3, 1 + b, 5 + c]
        const best = Math.max(...ends)
        const seats = ends.flatMap((end, i) => (end === best ? [i] : []))
        for (const seat of seats) counted[seat]![seats.length > 1 ? 'level' : 'alone'] += 1 / 9
      }
    found.forEach(({ alone, level }, i) => {
      expect(alone).toBeCloseTo(counted[i]!.alone, 12)
      expect(level).toBeCloseTo(counted[i]!.level, 12)
    })
  })
})
