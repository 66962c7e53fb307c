import { strikingRolls } from '#core/games/place-strike/advice'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const strike = (by: number, digit: unknown, place: number, number: number, more: object = {}) =>
  play({ do: 'strike', by, digit, place, number, ...more })
const none = (by: number, digit: number, place: number) => play({ do: 'none', by, digit, place })
const BOARDS = [
  ['352416', '124653'],
  ['641235', '111111'],
]
const open = (houseRules: Record<string, unknown> = {}): FileParts => ({
  game: 'place-strike',
  houseRules: { numbers: 2, ...houseRules },
  opening: { boards: BOARDS },
})
const game = (entries: unknown[], houseRules: Record<string, unknown> = {}) => judged({ ...open(houseRules), entries })

test.each([
  ['the ones', [strike(1, 6, 1, 1)], {}, 'ok'],
  ['the hundred thousands', [strike(1, 3, 6, 1)], {}, 'ok'],
  ['another place', [strike(1, 3, 5, 1)], {}, 'no-match'],
  ['a digit off the die', [strike(1, 7, 1, 1)], {}, 'no-such-face'],
  ['digit nought, before the number', [strike(1, 0, 1, 9)], {}, 'no-such-face'],
  ['place nought', [strike(1, 1, 0, 1)], {}, 'no-such-face'],
  ['a place above', [none(1, 1, 7)], {}, 'no-such-face'],
  ['number nought', [strike(1, 6, 1, 0)], {}, 'no-such-number'],
  ['a number too many', [strike(1, 6, 1, 3)], {}, 'no-such-number'],
  ['once more', [strike(1, 6, 1, 1), none(2, 3, 1), strike(1, 6, 1, 1)], {}, 'already-struck'],
  ['another digit at a place struck', [strike(1, 6, 1, 1), none(2, 3, 1), strike(1, 5, 1, 1)], {}, 'already-struck'],
  ['none, though one matches', [none(1, 6, 1)], {}, 'has-a-match'],
  ['none, where that need not be', [none(1, 6, 1)], { mustStrike: false }, 'ok'],
  ['none, where what matched is struck', [strike(1, 6, 1, 1), none(2, 3, 1), none(1, 6, 1)], {}, 'ok'],
  ['the neighbour', [none(2, 3, 1)], {}, 'not-their-turn'],
  ['not explained', [strike(1, 6, 1, 1)], { explain: 'required' }, 'unexplained'],
  ['none need not be', [none(1, 5, 1)], { explain: 'required' }, 'ok'],
  ['no digit', [strike(1, '6', 1, 1)], {}, 'malformed'],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(inShort(game(entries, houseRules)).at(-1)).toBe(verdict))

describe('the end', () => {
  const two = [strike(1, 6, 1, 1), strike(2, 5, 1, 1), strike(1, 1, 2, 1), strike(2, 3, 2, 1)]
  test('at once, or with the round finished: several may win', () => {
    expect(game(two.slice(0, 3), { strikes: 2 }).result).toMatchObject({ winners: [1], why: 'struck-out' })
    expect(game(two.slice(0, 3), { strikes: 2, finish: 'even-turns' }).result).toBeNull()
    expect(game(two, { strikes: 2, finish: 'even-turns' }).result).toMatchObject({ winners: [1, 2], shared: true })
  })
  test('a ruling ends it', () => {
    const entries = [...two.slice(0, 3), { ruling: { houseRules: { finish: 'at-once' } } }]
    expect(game(entries, { strikes: 2, finish: 'even-turns' }).result).toMatchObject({ winners: [1] })
  })
  test('digits of different numbers don’t add up; the most in one number is the score', () => {
    const entries = [strike(1, 6, 1, 1), none(2, 3, 1), strike(1, 3, 1, 2)]
    expect(scores(game(entries))).toEqual([1, 0])
    expect(game([...entries, { call: 'finish' }]).result).toMatchObject({ winners: [1], why: 'most-struck' })
  })
  test('time finishes the round; no points are given here', () => {
    expect(game([two[0], { call: 'time' }]).result).toBeNull()
    expect(game([two[0], { call: 'time' }, none(2, 3, 1)]).result).toMatchObject({ winners: [1], ended: 'time' })
    expect(inShort(game([{ ruling: { award: { by: 1, points: 1 } } }]))).toEqual(['no-points-here'])
  })
})

test.each([
  [{ boards: [BOARDS[0]] }, ['opening.boards bad-opening']],
  [{ boards: [BOARDS[0], ['641235']] }, ['opening.boards.1 wrong-number-count']],
  [{ boards: [BOARDS[0], ['641235', '11111']] }, ['opening.boards.1.1 wrong-length']],
  [
    {
      boards: [
        ['352416', '120653'],
        ['641235', '711111'],
      ],
    },
    ['opening.boards.0.1 digit-off-die', 'opening.boards.1.1 digit-off-die'],
  ],
  [{ boards: [BOARDS[0], ['641235', 'abcdef']] }, ['opening.boards.1.1 bad-opening']],
  [{ boards: [BOARDS[0], [641235, 111111]] }, ['opening.boards.1.0 bad-opening']],
  [null, ['opening bad-opening']],
  [{}, ['opening.boards bad-opening']],
])('opening %j: %j', (opening, found) => expect(problemsOf({ ...open(), opening })).toEqual(found))

test.each([
  [{ strikes: 4, digits: 3 }, ['houseRules.strikes target-out-of-reach']],
  [{ sides: 10 }, ['houseRules.sides bad-house-rule']],
  [{ digits: 7 }, ['houseRules.digits bad-house-rule']],
  [{ answers: 'off' }, ['houseRules.answers answers-not-offered']],
])('setup %j: %j', (houseRules, found) => expect(problemsOf(open(houseRules))).toEqual(found))

test('the working is what the digit is worth at its place', () => {
  const answer = game([strike(1, 4, 3, 1), strike(2, 5, 2, 1)])
  expect(answer.verdicts.map(({ working }) => working)).toEqual(['4 × 100 = 400', '3 × 10 = 30'])
})

test('which rolls would strike, and the chance of any', () => {
  const state = { boards: [['12', '42']], struck: [[[], [1]]] }
  const { rolls, chance } = strikingRolls({ digits: 2, sides: 6 }, state, 1)
  expect(rolls).toEqual([
    { digit: 1, place: 2, numbers: [1] },
    { digit: 4, place: 2, numbers: [2] },
    { digit: 2, place: 1, numbers: [1] },
  ])
  expect(chance).toBeCloseTo(3 / 12)
})
