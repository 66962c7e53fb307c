import fc from 'fast-check'
import { total } from '#core/kit/dice'
import { bestOrder, gather } from '#core/games/hundred-stops/advice'
import { houseRules, isStop, isThere, open, travel, type StopsRules } from '#core/games/hundred-stops/rules'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'hundred-stops', ...parts })
const go = (by: number, dice: number[], hundreds: number, order: string, more: object = {}) =>
  play({ do: 'travel', by, dice, hundreds, order: order.split(' ').filter(Boolean), ...more })
const problems = (houseRules: object) =>
  problemsOf({ game: 'hundred-stops', houseRules: houseRules as Record<string, unknown> })

test.each([
  ['a die that isn’t', go(1, [7, 1], 1, 'h t8'), {}, 'no-such-face'],
  ['a spin that isn’t', go(1, [1, 1], 4, 'h h h h t2'), {}, 'no-such-face'],
  ['a spin of nothing', go(1, [1, 1], 0, 't2'), {}, 'no-such-face'],
  ['faces before their number', go(1, [0], 1, 'h'), {}, 'no-such-face'],
  ['one die too few', go(1, [5], 1, 'h t5'), {}, 'wrong-dice-count'],
  ['tens as ones', go(1, [5, 4], 1, 'h t1'), {}, 'tens-not-spent'],
  ['a ten too many', go(1, [5, 4], 1, 't10 h'), {}, 'tens-not-spent'],
  ['a hop too few', go(1, [5, 4], 2, 't9 h'), {}, 'hundreds-not-spent'],
  ['the neighbour', go(2, [5, 4], 1, 't9 h'), {}, 'not-their-turn'],
  ['a step that isn’t one', go(1, [5, 4], 1, 'h t09'), {}, 'malformed'],
  ['a wrong end, noted', go(1, [5, 4], 1, 'h t9', { said: 209 }), {}, 'ok'],
  ['a wrong end, refused', go(1, [5, 4], 1, 'h t9', { said: 209 }), { answers: 'must-be-right' }, 'wrong-answer'],
  ['no end said', go(1, [5, 4], 1, 'h t9'), { answers: 'must-be-right' }, 'answer-missing'],
  ['not explained', go(1, [5, 4], 1, 'h t9'), { explain: 'required' }, 'unexplained'],
  ['passed on explaining', go(1, [5, 4], 1, 'h t9', { explained: true, how: 'passed' }), { explain: 'required' }, 'ok'],
  ['every piece named', go(1, [5, 4], 2, 't3 h t2 h t4', { said: 390 }), { answers: 'must-be-right' }, 'ok'],
])('%s: %s', (_what, entry, houseRules, verdict) => {
  expect(inShort(game({ houseRules, entries: [entry] }))).toEqual([verdict])
})

describe('tokens', () => {
  test('tens touch every ten, a hop touches only where it lands', () => {
    // 100 -> 190 -> 290: the walk ends short of 200 and the hop jumps it.
    expect(scores(game({ entries: [go(1, [5, 4], 1, 't9 h')] }))).toEqual([0, 0])
    // 100 -> 200 -> 290.
    expect(scores(game({ entries: [go(1, [5, 4], 1, 'h t9')] }))).toEqual([1, 0])
    // 100 -> 200 (walked) -> 220 -> 320 jumps 300.
    expect(scores(game({ entries: [go(1, [6, 6], 1, 't12 h')] }))).toEqual([1, 0])
    expect(scores(game({ entries: [go(1, [6, 6], 3, 'h h h t12')] }))).toEqual([4, 0])
  })

  test('own sets, or first come', () => {
    const entries = [go(1, [5, 5], 1, 'h t10'), go(2, [5, 5], 1, 'h t10')]
    expect(scores(game({ entries }))).toEqual([2, 2])
    expect(scores(game({ entries, houseRules: { tokens: 'first-come' } }))).toEqual([2, 0])
  })

  test('one each, or the stop’s number', () => {
    const entries = [go(1, [5, 5], 2, 'h h t10')]
    expect(scores(game({ entries, houseRules: { worth: 'stop-value' } }))).toEqual([200 + 300 + 400, 0])
  })

  test('the end’s token counts and what is left is dropped', () => {
    const answer = game({ houseRules: { end: 300 }, entries: [go(1, [6, 6], 2, 't9 h h t3', { said: 300 })] })
    expect(inShort(answer)).toEqual(['ok'])
    expect(scores(answer)).toEqual([1, 0])
    expect(answer.verdicts[0]!.working).toBe('100 + 90 + 100 + 10 = 300')
  })
})

describe('the end', () => {
  const home = (by: number) => go(by, [6, 6], 3, 'h h h t12')
  const rules = (finish: string) => ({ end: 500, finish })
  test('first home: the round is finished, then tokens decide', () => {
    expect(game({ houseRules: rules('first-home'), entries: [home(1)] }).result).toBeNull()
    expect(
      game({ houseRules: rules('first-home'), entries: [home(1), go(2, [1, 1], 1, 'h t2')] }).result,
    ).toMatchObject({ winners: [1] })
    expect(
      game({ houseRules: rules('first-home'), entries: [go(1, [5, 5], 2, 'h h t10'), home(2)] }).result,
    ).toMatchObject({ winners: [2] })
    expect(game({ houseRules: rules('first-home'), entries: [home(1), home(2)] }).result).toMatchObject({
      winners: [1, 2],
      shared: true,
    })
  })
  test('at once', () =>
    expect(game({ houseRules: rules('at-once'), entries: [home(1)] }).result).toMatchObject({ winners: [1] }))
  test('all home: who is home is passed over', () => {
    const answer = game({
      houseRules: rules('all-home'),
      players: ['A', 'B', 'C'],
      entries: [home(1), go(2, [1, 1], 1, 'h t2'), home(3)],
    })
    expect(answer.awaits).toEqual({ seats: [2], plays: ['travel'] })
    expect(game({ houseRules: rules('all-home'), entries: [home(1), home(2)] }).result).toMatchObject({
      winners: [1, 2],
    })
  })
  test('time finishes the round', () => {
    const time = { call: 'time' }
    expect(game({ entries: [go(1, [5, 5], 1, 'h t10'), time] }).result).toBeNull()
    expect(game({ entries: [go(1, [5, 5], 1, 'h t10'), time, go(2, [1, 1], 1, 'h t2')] }).result).toMatchObject({
      winners: [1],
      ended: 'time',
    })
  })
  test('points by ruling, not below nothing; finish by ruling', () => {
    const award = (by: number, points: number) => ({ ruling: { award: { by, points } } })
    expect(scores(game({ entries: [award(1, 2), award(2, -3)] }))).toEqual([2, 0])
    const entries = [home(1), { ruling: { houseRules: { finish: 'at-once' } } }]
    expect(game({ houseRules: rules('first-home'), entries }).result).toMatchObject({ winners: [1] })
  })
})

describe('another lap', () => {
  const home = (by: number) => go(by, [6, 6], 3, 'h h h t12')
  const houseRules = { end: 500, tie: 'extra-round' }
  const lap = (entries: unknown[], more = {}) => game({ houseRules: { ...houseRules, ...more }, entries })
  test('a level finish begins a lap: back at the start, tokens laid again, what was gathered kept, `first` begins', () => {
    const answer = lap([home(1), home(2)])
    expect([answer.result, scores(answer), answer.awaits]).toEqual([null, [4, 4], { seats: [1], plays: ['travel'] }])
    const second = lap([home(1), home(2), go(1, [1, 1], 1, 'h t2')])
    expect(scores(second)).toEqual([5, 4])
    expect(second.verdicts.at(-1)!.notes).toMatchObject([{ code: 'arrived', facts: { to: 220, taken: [200] } }])
  })
  test('`finish` ends the lap as before, until it breaks', () => {
    const twice = [home(1), home(2), home(1), home(2)]
    expect([lap(twice).result, scores(lap(twice))]).toEqual([null, [8, 8]])
    expect(lap([...twice, home(1), go(2, [1, 1], 1, 'h t2')]).result).toEqual({
      winners: [1],
      shared: false,
      why: 'most-tokens',
    })
    // At once: level in the middle of a round, too; `first` begins the next one.
    const first = [go(1, [5, 5], 2, 'h h t10'), { ruling: { award: { by: 1, points: 1 } } }]
    const atOnce = lap([...first, home(2)], { finish: 'at-once' })
    expect([atOnce.result, atOnce.awaits, scores(atOnce)]).toEqual([null, { seats: [1], plays: ['travel'] }, [4, 4]])
  })
  test('a ruling that ends it level starts the lap too; time and finish decide shared', () => {
    const level = [go(1, [5, 5], 2, 'h h t10'), go(2, [5, 5], 2, 'h h t10')]
    const ruled = [
      go(1, [5, 5], 3, 'h h h t10'),
      { ruling: { award: { by: 2, points: 4 } } },
      { ruling: { houseRules: { finish: 'at-once' } } },
    ]
    const answer = lap(ruled, { finish: 'all-home' })
    expect([answer.result, scores(answer), answer.awaits]).toEqual([null, [4, 4], { seats: [1], plays: ['travel'] }])
    expect(lap([...level, { call: 'finish' }]).result).toMatchObject({ winners: [1, 2], shared: true, ended: 'finish' })
    expect(lap([home(1), { call: 'time' }, home(2)]).result).toEqual({
      winners: [1, 2],
      shared: true,
      why: 'most-tokens',
      ended: 'time',
    })
  })
})

test.each([
  [{ start: 150 }, ['houseRules.start bad-house-rule']],
  [{ end: 1250 }, ['houseRules.end bad-house-rule']],
  [{ start: 1200 }, ['houseRules.end bad-house-rule']],
  [{ hundreds: [] }, ['houseRules.hundreds bad-house-rule']],
  [{ tie: 'extra-round' }, []],
  [{ start: 0, stop: 50, end: 250 }, []],
])('setup %j: %j', (houseRules, found) => expect(problems(houseRules)).toEqual(found))

test('the best order is the best of all orders', () => {
  const usual = houseRules.parse({})
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 1, max: 3 }),
      fc.integer({ min: 0, max: 110 }),
      fc.constantFrom('one' as const, 'stop-value' as const),
      fc.subarray([200, 300, 400, 700, 1100]),
      (tens, hops, from, worth, taken) => {
        const rules = { ...usual, worth } as unknown as StopsRules
        const { state: fresh } = open(rules, { seats: 2, first: 1 })
        const state = { ...fresh, places: [100 + 10 * from, 100], tokens: [taken, []] }
        const gain = (order: string[]) =>
          total(
            travel(rules, state.places[0]!, order)
              .touched.slice(1)
              .filter((at) => isStop(rules, at) && isThere(rules, state, 1, at))
              .map((at) => (worth === 'one' ? 1 : at)),
          )
        let most = 0
        const walk = (steps: string[], t: number, h: number) => {
          if (t + h === 0) most = Math.max(most, gain(gather(steps)))
          if (h) walk([...steps, 'h'], t, h - 1)
          if (t) walk([...steps, 't'], t - 1, h)
        }
        walk([], tens, hops)
        const best = bestOrder(rules, state, 1, tens, hops)
        expect([best.gain, gain([...best.order])]).toEqual([most, most])
        expect(total(best.order.map((step) => (step === 'h' ? 0 : Number(step.slice(1)))))).toBe(tens)
      },
    ),
    { numRuns: 60 },
  )
})

describe('the sister game of ones and tens', () => {
  test.each([
    [{ unit: 1 }, []],
    [{ unit: 1, stop: 5 }, []],
    [{ unit: 1, start: 7 }, ['houseRules.start bad-house-rule']],
    [{ unit: 10, stop: 5 }, ['houseRules.stop bad-house-rule']],
    [{ unit: 5 }, ['houseRules.unit bad-house-rule']],
  ])('%j: %j', (houseRules, found) => expect(problems(houseRules)).toEqual(found))

  test('pips are ones, a hop is ten, and a token lies on every ten', () => {
    const answer = game({
      houseRules: { unit: 1 },
      entries: [go(1, [5, 4], 1, 't9 h', { said: 29 }), go(2, [5, 5], 2, 'h t10 h', { said: 40 })],
    })
    expect(inShort(answer)).toEqual(['ok', 'ok'])
    expect(answer.verdicts.every(({ notes }) => !notes?.some(({ code }) => code === 'wrong-answer'))).toBe(true)
    expect(scores(answer)).toEqual([0, 3])
  })
})
