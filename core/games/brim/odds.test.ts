import fc from 'fast-check'
import { rollsOf, subsetsOf, total } from '#core/kit/dice'
import { brim } from '#core/games/brim/index'
import { choices, hasOdds, Odds } from '#core/games/brim/odds'
import { selfPlay } from '#core/kernel/selfPlay'
import { open, type BrimRules, type BrimState } from '#core/games/brim/rules'

const DEFAULTS: BrimRules = {
  dice: 5,
  sides: 6,
  limit: 20,
  rolls: 4,
  rounds: 5,
  mustFreeze: 0,
  answers: 'noted',
  explain: 'invited',
  tie: 'share',
  minutes: null,
  bySeat: {},
}

/** Every ordered outcome of a roll: nothing clever, so that it can't share a mistake with the real thing. */
function* ordered(count: number, sides: number): Generator<number[]> {
  if (count === 0) yield []
  else for (const rest of ordered(count - 1, sides)) for (let face = 1; face <= sides; face++) yield [...rest, face]
}

function bruteForce(
  rules: BrimRules,
  left: number,
  frozen: number[],
  loose: number,
): { expected: number; within: number } {
  let expected = 0
  let within = 0
  let outcomes = 0
  for (const dice of ordered(loose, rules.sides)) {
    const sum = total(frozen) + total(dice)
    let best = sum <= rules.limit ? { expected: sum, within: 1 } : { expected: 0, within: 0 }
    if (left > 1)
      for (const keep of subsetsOf(dice)) {
        if (keep.length < rules.mustFreeze || keep.length === loose) continue
        const then = bruteForce(rules, left - 1, [...frozen, ...keep], loose - keep.length)
        const better = then.expected - best.expected
        if (better > 1e-12 || (Math.abs(better) <= 1e-12 && then.within > best.within)) best = then
      }
    expected += best.expected
    within += best.within
    outcomes++
  }
  return { expected: expected / outcomes, within: within / outcomes }
}

describe('the odds of a turn', () => {
  test.each([
    { dice: 1, sides: 6, limit: 4, rolls: 3, mustFreeze: 0 },
    { dice: 2, sides: 3, limit: 4, rolls: 3, mustFreeze: 0 },
    { dice: 2, sides: 4, limit: 5, rolls: 2, mustFreeze: 1 },
    { dice: 3, sides: 3, limit: 6, rolls: 2, mustFreeze: 0 },
    { dice: 3, sides: 2, limit: 4, rolls: 3, mustFreeze: 1 },
    { dice: 3, sides: 4, limit: 3, rolls: 2, mustFreeze: 2 },
  ])('agree with trying every outcome: %j', (some) => {
    const rules = { ...DEFAULTS, ...some }
    const exact = new Odds(rules).rolling(rules.rolls, rules.dice, 0)
    const tried = bruteForce(rules, rules.rolls, [], rules.dice)
    expect(exact.expected).toBeCloseTo(tried.expected, 9)
    // Where two choices are worth the same, rounding decides which is taken; the chance may then differ.
    expect(Math.abs(exact.within - tried.within)).toBeLessThan(1e-6)
  })

  test('one die, one roll: the mean of the faces within the limit', () => {
    const odds = new Odds({ ...DEFAULTS, dice: 1, rolls: 1, limit: 4 })
    expect(odds.rolling(1, 1, 0)).toEqual({ expected: expect.closeTo(10 / 6, 12), within: expect.closeTo(4 / 6, 12) })
  })

  test('the work that is done is told, rising to the whole of it', () => {
    const told: number[] = []
    new Odds({ ...DEFAULTS, sides: 12, rolls: 2 }, (part) => told.push(part)).rolling(2, 5, 0)
    expect(told.length).toBeGreaterThan(1)
    expect(told).toEqual([...told].sort((a, b) => a - b))
    expect(told.at(-1)).toBeGreaterThan(0.5)
    expect(told.at(-1)).toBeLessThanOrEqual(1)
  })

  test('with more dice than can be worked out while a table waits there are none, and the bot stops once it is within', () => {
    expect([hasOdds({ dice: 5, sides: 20 }), hasOdds({ dice: 8, sides: 10 }), hasOdds({ dice: 6, sides: 20 })]).toEqual(
      [true, true, false],
    )
    const tape = selfPlay({
      game: brim,
      players: ['Ines', 'Bao'],
      houseRules: { dice: 8, sides: 20, limit: 60, mustFreeze: 2, rounds: 3 },
      key: 'many',
    })
    expect(tape.lines.every(({ verdict }) => verdict.stands)).toBe(true)
    expect(tape.state.result).not.toBeNull()
  })

  test('choices name every freezing once, best first, stopping among them', () => {
    const state: BrimState = { ...open(DEFAULTS, { seats: 2, first: 1 }).state, loose: [6, 6, 6, 1, 1], rolled: 1 }
    const found = choices(DEFAULTS, state)
    expect(found[0]).toMatchObject({ do: 'stop', expected: 20, within: 1 })
    const keys = found.map((choice) => choice.do + choice.keep.join())
    expect(new Set(keys).size).toBe(keys.length)
    expect(found.length).toBe(1 + subsetsOf(state.loose).length - 1)
    expect(found.map((choice) => choice.expected)).toEqual(
      [...found.map((choice) => choice.expected)].sort((a, b) => b - a),
    )
  })

  test('every choice offered is a play that stands, and with more rolls nothing gets worse', () => {
    const rule = fc.record({
      dice: fc.integer({ min: 1, max: 4 }),
      sides: fc.integer({ min: 2, max: 6 }),
      limit: fc.integer({ min: 4, max: 20 }),
      rolls: fc.integer({ min: 2, max: 4 }),
      mustFreeze: fc.integer({ min: 0, max: 2 }),
    })
    fc.assert(
      fc.property(rule, fc.infiniteStream(fc.integer({ min: 0, max: 5 })), (some, stream) => {
        const rules = { ...DEFAULTS, ...some }
        const loose = Array.from({ length: rules.dice }, () => 1 + (Number(stream.next().value) % rules.sides))
        const state: BrimState = { ...open(rules, { seats: 2, first: 1 }).state, loose, rolled: 1 }
        const odds = new Odds(rules)
        for (const choice of choices(rules, state, odds)) {
          const again = choice.do === 'roll' ? loose.length - choice.keep.length : 0
          const play =
            choice.do === 'stop'
              ? { do: 'stop' as const, by: 1 }
              : { do: 'roll' as const, by: 1, dice: Array.from({ length: again }, () => 1), keep: choice.keep }
          expect(brim.judge(rules, state, play, { overrule: false }).stands).toBe(true)
        }
        const one = odds.rolling(1, rules.dice, 0).expected
        const two = odds.rolling(2, rules.dice, 0).expected
        expect(two).toBeGreaterThanOrEqual(one - 1e-9)
      }),
      { numRuns: 60 },
    )
  })

  test('there are as many rolls as there should be', () => {
    expect([...rollsOf(5, 6)]).toHaveLength(252)
  })
})
