import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'perch-and-push', ...parts })
const at = (by: number, cards: number[], on: number, more: object = {}) => play({ do: 'place', by, cards, on, ...more })
const pass = (by: number, cards: number[]) => play({ do: 'pass', by, cards })
const shuffle = play({ do: 'reshuffle' })
const SIX = { combine: 'times', with: 6, pack: { low: 1, high: 10, copies: 4 } }

test.each([
  ['a card that isn’t', [at(1, [11, 2], 12)], {}, 'no-such-card'],
  ['one card for two', [at(1, [3], 13)], {}, 'wrong-card-count'],
  ['three cards for two', [at(1, [3, 4, 5], 13)], {}, 'wrong-card-count'],
  ['both together', [at(1, [3, 7], 20)], {}, 'not-an-option'],
  ['a neighbouring product', [at(1, [7, 2], 48)], SIX, 'not-an-option'],
  ['the product', [at(1, [7, 2], 42)], SIX, 'ok'],
  ['the neighbour', [at(2, [3, 7], 13)], {}, 'not-their-turn'],
  ['shuffling by nobody', [shuffle], {}, 'ok'],
  ['shuffling by somebody', [play({ do: 'reshuffle', by: 1 })], {}, 'malformed'],
  ['passing with a place to go', [pass(1, [3, 7])], {}, 'can-still-place'],
  ['passing with one card', [pass(1, [3])], {}, 'wrong-card-count'],
  ['a fifth three', [at(1, [3, 3], 13), at(2, [3, 3], 13), at(1, [3, 1], 11)], {}, 'too-many-copies'],
  ['a fifth three after shuffling', [at(1, [3, 3], 13), at(2, [3, 3], 13), shuffle, at(1, [3, 1], 11)], {}, 'ok'],
  [
    'a fifth three, overruled',
    [at(1, [3, 3], 13), at(2, [3, 3], 13), { ...at(1, [3, 1], 11), overrule: 'seen' }],
    {},
    'ok',
  ],
])('%s: %s', (_what, entries, houseRules, verdict) => {
  expect(inShort(game({ houseRules, entries })).at(-1)).toBe(verdict)
})

test('the working shows what each card makes', () => {
  const answer = game({ houseRules: SIX, entries: [at(1, [7, 2], 48)] })
  expect(answer.verdicts[0]).toMatchObject({ facts: { on: 48, options: [42, 12] }, working: '7 × 6 = 42; 2 × 6 = 12' })
})

describe('pushing', () => {
  const stack = [at(1, [3, 7], 13), at(2, [1, 1], 11), at(1, [3, 4], 13)]
  test('all of a rival’s markers go and count; one’s own takes the place, or not', () => {
    const push = [...stack, at(2, [3, 8], 13)]
    expect(scores(game({ entries: push }))).toEqual([0, 2])
    const back = [...push, at(1, [3, 2], 13)]
    expect(scores(game({ entries: back }))).toEqual([1, 2])
    expect(scores(game({ entries: back, houseRules: { afterPush: 'leave' } }))).toEqual([0, 2])
  })
  test('pushing asks for an explanation, perching does not', () => {
    const houseRules = { explain: 'required' }
    expect(inShort(game({ houseRules, entries: [...stack, at(2, [3, 8], 13)] }))).toEqual([
      'ok',
      'ok',
      'ok',
      'unexplained',
    ])
    expect(inShort(game({ houseRules, entries: [...stack, at(2, [3, 8], 13, { explained: true })] })).at(-1)).toBe('ok')
  })
  test('a safe stack stays, and where all is safe one passes', () => {
    const houseRules = { safeStack: 2 }
    expect(inShort(game({ houseRules, entries: [...stack, at(2, [3, 8], 13)] })).at(-1)).toBe('safe-stack')
    expect(inShort(game({ houseRules, entries: [...stack, pass(2, [3, 3])] })).at(-1)).toBe('ok')
    expect(inShort(game({ houseRules, entries: [...stack, pass(2, [3, 8])] })).at(-1)).toBe('can-still-place')
    expect(inShort(game({ houseRules, entries: [...stack, at(2, [8, 1], 18), at(1, [3, 9], 13)] })).at(-1)).toBe('ok')
  })
})

describe('the end', () => {
  const entries = [at(1, [3, 7], 13), at(2, [3, 1], 13), at(1, [3, 1], 13)]
  test('first at the goal or over, at once', () => {
    expect(game({ houseRules: { goal: 1 }, entries: entries.slice(0, 2) }).result).toMatchObject({
      winners: [2],
      shared: false,
    })
    expect(game({ houseRules: { goal: 2 }, entries }).result).toBeNull()
    const over = [
      at(1, [3, 7], 13),
      at(2, [1, 1], 11),
      at(1, [3, 4], 13),
      at(2, [1, 8], 11),
      at(1, [3, 4], 13),
      at(2, [3, 8], 13),
    ]
    expect(game({ houseRules: { goal: 2 }, entries: over }).result).toMatchObject({ winners: [2] })
    expect(scores(game({ houseRules: { goal: 2 }, entries: over }))).toEqual([0, 3])
  })
  test('points by ruling count toward the goal', () => {
    const award = (points: number) => ({ ruling: { award: { by: 1, points } } })
    expect(game({ houseRules: { goal: 3 }, entries: [award(3)] }).result).toMatchObject({ winners: [1] })
    expect(scores(game({ entries: [award(-3)] }))).toEqual([0, 0])
  })
  test('over when every result is a safe stack', () => {
    const houseRules = { pack: { low: 1, high: 2, copies: 8 }, safeStack: 2, draw: 1 }
    const safe = [at(1, [1], 11), at(2, [2], 12), at(1, [1], 11), at(2, [2], 12)]
    expect(game({ houseRules, entries: safe.slice(0, 3) }).result).toBeNull()
    expect(game({ houseRules, entries: safe }).result).toMatchObject({ winners: [1, 2], shared: true })
    const byRuling = [...safe, { ruling: { houseRules: { safeStack: 2 } } }]
    expect(game({ houseRules: { ...houseRules, safeStack: 0 }, entries: byRuling }).result).toMatchObject({
      winners: [1, 2],
    })
  })
  test('time finishes the round', () => {
    expect(game({ entries: [...entries.slice(0, 1), { call: 'time' }, entries[1]] }).result).toMatchObject({
      winners: [2],
      ended: 'time',
    })
  })
})

test('too few cards left are shuffled by themselves', () => {
  const houseRules = { pack: { low: 1, high: 5, copies: 1 } }
  const entries = [at(1, [1, 2], 11), at(2, [3, 4], 13), at(1, [1, 5], 11)]
  expect(inShort(game({ houseRules, entries }))).toEqual(['ok', 'ok', 'ok'])
  expect(inShort(game({ houseRules, entries: [entries[0], at(2, [1, 4], 14)] }))).toEqual(['ok', 'too-many-copies'])
})

test.each([
  ['noted', [13, 17], 'ok', undefined],
  ['noted', [13, 18], 'ok', 'wrong-answer'],
  ['must-be-right', [13, 17], 'ok', undefined],
  ['must-be-right', [17, 13], 'wrong-answer', undefined],
  ['must-be-right', undefined, 'answer-missing', undefined],
  ['off', [1, 2], 'ok', undefined],
  ['noted', [13], 'malformed', undefined],
  ['noted', 13, 'malformed', undefined],
])('under %s the results %j are said: %s', (answers, said, verdict, note) => {
  const entry = { play: { do: 'place', by: 1, cards: [3, 7], on: 13, ...(said === undefined ? {} : { said }) } }
  const answer = judged({ game: 'perch-and-push', houseRules: { answers }, entries: [entry] })
  expect(inShort(answer)).toEqual([verdict])
  expect(answer.verdicts[0]!.notes?.find(({ code }) => code === 'wrong-answer')?.code).toBe(note)
})

test.each([
  [{ pack: { low: 3, high: 3, copies: 1 } }, ['houseRules.pack pack-too-small']],
  [{ pack: { low: 3, high: 1, copies: 1 } }, ['houseRules.pack.high bad-house-rule']],
  [{ pack: { low: 3, high: 4 } }, ['houseRules.pack.copies bad-house-rule']],
  [{ pack: { low: 3, high: 4, copies: 4, jokers: 1 } }, ['houseRules.pack bad-house-rule']],
  [{ safeStack: 1 }, ['houseRules.safeStack bad-house-rule']],
  [{ draw: 3 }, ['houseRules.draw bad-house-rule']],
  [{ answers: 'noted' }, []],
  [{ combine: 'times', with: 0 }, []],
])('setup %j: %j', (houseRules, found) => {
  expect(problemsOf({ game: 'perch-and-push', houseRules })).toEqual(found)
})
