import { outlook } from '#core/games/ebb-and-flow/advice'
import { tides, type EbbRules, type EbbState } from '#core/games/ebb-and-flow/rules'
import { sayDrift } from '#core/games/ebb-and-flow/wording'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'

const flip = (by: number, card: unknown, more: object = {}) => play({ do: 'flip', by, card, ...more })
const warm = { colour: 'warm' }
const cool = { colour: 'cool' }
const parts = (entries: unknown[], houseRules: Record<string, unknown> = {}, players = ['Ines', 'Tomasz']) => ({
  game: 'ebb-and-flow',
  players,
  houseRules,
  entries,
})
const colour = { swing: 'colour', ranks: [1, 2, 3], copies: 2 }

test.each([
  ['a card that is not in the pack', [flip(1, 3)], {}, 'no-such-card'],
  ['a wild where there is none', [flip(1, 'wild')], { wilds: 0 }, 'no-such-card'],
  ['the fifth four', [flip(1, 4), flip(2, 4), flip(1, 4), flip(2, 4), flip(1, 4)], {}, 'too-many-copies'],
  ['the second wild of one', [flip(1, 'wild'), flip(1, 'wild')], { wilds: 1 }, 'too-many-copies'],
  ['overruled', [flip(1, 4), { ...flip(2, 4), overrule: 'a second one' }], { copies: 1 }, 'ok'],
  ['copies count by rank and colour', [flip(1, 2, warm), flip(2, 2, cool)], colour, 'ok'],
  ['the second warm two of one', [flip(1, 2, warm), flip(2, 2, warm)], colour, 'too-many-copies'],
  ['a colour under parity', [flip(1, 4, warm)], {}, 'malformed'],
  ['no colour under colour', [flip(1, 2)], colour, 'malformed'],
  ['a wild has no colour', [flip(1, 'wild', warm)], colour, 'malformed'],
  ['another colour', [flip(1, 2, { colour: 'red' })], colour, 'malformed'],
  ['a card that is another text', [flip(1, 'king')], {}, 'malformed'],
  ['out of turn', [flip(2, 4)], {}, 'not-their-turn'],
  ['after a wild it is still the same player’s turn', [flip(1, 'wild'), flip(2, 4)], {}, 'not-their-turn'],
  ['nothing said', [flip(1, 4)], { answers: 'must-be-right' }, 'answer-missing'],
  ['below the floor', [flip(1, 9, { said: -4 })], { answers: 'must-be-right' }, 'wrong-answer'],
  ['on the floor', [flip(1, 9, { said: 0 })], { answers: 'must-be-right' }, 'ok'],
  ['below zero where that may be', [flip(1, 9, { said: -4 })], { answers: 'must-be-right', floor: null }, 'ok'],
  ['nothing is asked of a wild', [flip(1, 'wild')], { answers: 'must-be-right', explain: 'required' }, 'ok'],
  [
    'an odd card after a wild is added',
    [flip(1, 'wild'), flip(1, 9, { said: 14 })],
    { answers: 'must-be-right' },
    'ok',
  ],
  ['unexplained', [flip(1, 4, { said: 9 })], { explain: 'required' }, 'unexplained'],
  ['an award', [{ ruling: { award: { by: 1, points: 3 } } }], {}, 'no-points-here'],
])('%s', (_what, entries, houseRules, verdict) =>
  expect(inShort(judged(parts(entries, houseRules))).at(-1)).toBe(verdict),
)

describe('what a card does', () => {
  test.each([
    ['evens add', [flip(1, 8)], {}, [13, 5]],
    ['odds take away', [flip(1, 5)], {}, [0, 5]],
    ['zero is even', [flip(1, 0)], { ranks: [0, 1] }, [5, 5]],
    ['not below zero', [flip(1, 7)], {}, [0, 5]],
    ['below zero', [flip(1, 7)], { floor: null }, [-2, 5]],
    ['warm adds, odd or even', [flip(1, 3, warm)], colour, [13, 10]],
    ['cool takes away', [flip(1, 2, cool)], colour, [8, 10]],
    ['after a wild a cool card is added', [flip(1, 'wild'), flip(1, 2, cool)], colour, [12, 10]],
    ['two wilds still add one card', [flip(1, 'wild'), flip(1, 'wild'), flip(1, 7), flip(2, 7)], {}, [12, 0]],
    ['the start as agreed', [], { start: 20 }, [20, 20]],
    ['under colour it is ten', [], { swing: 'colour' }, [10, 10]],
  ])('%s', (_what, entries, houseRules, totals) => expect(scores(judged(parts(entries, houseRules)))).toEqual(totals))
  test('the working is the sum, and the floor is told', () => {
    const { working, notes } = judged(parts([flip(1, 7)])).verdicts[0]!
    expect([working, notes!.map(({ code }) => code)]).toEqual(['5 - 7 = -2', ['flowed', 'stays-afloat']])
  })
})

describe('the end', () => {
  const small = { ranks: [4, 5], copies: 2, wilds: 1 }
  test('at the end of a round with fewer number cards than players; what is left stays unturned', () => {
    const three = ['A', 'B', 'C']
    const answer = judged(parts([flip(1, 4), flip(2, 4), flip(3, 5)], small, three))
    expect(answer.result).toEqual({ winners: [1, 2], shared: true, why: 'highest-total' })
    expect(judged(parts([flip(1, 4), flip(2, 5), flip(1, 4)], small)).result).toBeNull()
    expect(judged(parts([flip(1, 4), flip(2, 5), flip(1, 4), flip(2, 5)], small)).result).toMatchObject({
      winners: [1],
    })
  })
  test('a wild uses up no turn', () => {
    const entries = [flip(1, 4), flip(2, 'wild'), flip(2, 5), flip(1, 4)]
    expect(judged(parts(entries, small)).awaits).toEqual({ seats: [2], plays: ['flip'] })
  })
  test('after the turns agreed; never fewer than have begun; time finishes the round', () => {
    expect(judged(parts([flip(1, 4), flip(2, 6)], { turns: 1 })).result).toMatchObject({ winners: [2] })
    expect(
      inShort(judged(parts([flip(1, 4), flip(2, 6), flip(1, 4), { ruling: { houseRules: { turns: 1 } } }]))).at(-1),
    ).toBe('already-past')
    expect(judged(parts([flip(1, 'wild'), { call: 'time' }, flip(1, 4)])).result).toBeNull()
    expect(judged(parts([flip(1, 'wild'), { call: 'time' }, flip(1, 4), flip(2, 4)])).result).toMatchObject({
      shared: true,
      ended: 'time',
    })
  })
})

test.each([
  [{ ranks: [4, 5, 6] }, ['houseRules.ranks unfair-pack']],
  [{ ranks: [4, 5, 6], allowUnfair: true }, []],
  [{ ranks: [4, 4, 5, 7] }, ['houseRules.ranks bad-house-rule']],
  [{ swing: 'colour', copies: 3 }, ['houseRules.copies unfair-pack']],
  [{ swing: 'colour', copies: 3, allowUnfair: true }, ['houseRules.copies unfair-pack']],
  [{ swing: 'colour', ranks: [1], copies: 2 }, []],
  [{ ranks: [4], copies: 1, allowUnfair: true }, ['houseRules.ranks pack-too-small']],
  [{ start: -1 }, ['houseRules.start bad-house-rule']],
  [{ start: -1, floor: null }, []],
  [{ floor: 1 }, ['houseRules.floor bad-house-rule']],
  [{ turns: 0 }, ['houseRules.turns bad-house-rule']],
  [{ tie: 'extra-round' }, ['houseRules.tie tie-not-offered']],
])('setup %j: %j', (houseRules, found) => expect(problemsOf(parts([], houseRules))).toEqual(found))

describe('preparing and the aid', () => {
  const stateOf = (entries: unknown[], houseRules: Record<string, unknown> = {}) => {
    const read = readMatch(fileOf(parts(entries, houseRules)))
    if (!read.ok) throw new Error('refused')
    return [read.tape.state.rules as EbbRules, read.tape.state.game as EbbState] as const
  }
  test('which way the pack drifts', () => {
    const [rules] = stateOf([])
    expect(tides(rules)).toEqual({ up: 12, down: 12, upTotal: 72, downTotal: 84 })
    expect(sayDrift(rules)).toBe('The pack drifts down: 12 evens add 72 together, 12 odds take 84.')
    expect(sayDrift(stateOf([], { swing: 'colour' })[0])).toMatch(/^The pack is balanced: 12 warm cards add 78/)
  })
  test('what is left, and what the turn may do', () => {
    const small = { ranks: [4, 7], copies: 1, wilds: 1, turns: 9 }
    // Of 4, 7 and a wild: the wild comes first in a third of the cases, and then either is added.
    const now = outlook(...stateOf([], small), 1)!
    expect([now.up, now.down, now.wilds]).toEqual([1, 1, 1])
    expect([now.rises, now.falls, now.change].map((value) => value.toFixed(6))).toEqual(
      [2 / 3, 1 / 3, (5.5 + 4 - 5) / 3].map((value) => value.toFixed(6)),
    )
    expect(outlook(...stateOf([flip(1, 'wild')], small), 1)).toMatchObject({ rises: 1, falls: 0, change: 5.5 })
  })
})
