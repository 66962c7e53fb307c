import { withFixtures } from '../../tests/games/withFixtures'
import { inShort, judged } from '../../tests/unit/judging'

const ruling = (houseRules: object) => ({ ruling: { houseRules } })
const ROLLS = [{ play: { do: 'roll', by: 1, dice: [6, 5] } }, { play: { do: 'roll', by: 2, dice: [1, 2] } }]
const level = [ROLLS[0], { play: { do: 'roll', by: 2, dice: [5, 6] } }]
const game = 'top-total'

test('two more rounds after the end; what is no ruling that goes on is over', () => {
  const entries = [
    ...ROLLS,
    ruling({ rounds: 3 }),
    ...ROLLS,
    ...ROLLS,
    ruling({ rounds: 3 }),
    ruling({ explain: 'off' }),
    { ruling: { award: { by: 1, points: 2 } } },
    { call: 'time' },
    { call: 'note' },
  ]
  const answer = judged({ game, houseRules: { rounds: 1 }, entries })
  expect(inShort(answer)).toEqual([
    'ok',
    'ok',
    'ok',
    'ok',
    'ok',
    'ok',
    'ok',
    'match-over',
    'match-over',
    'match-over',
    'match-over',
    'ok',
  ])
  expect(answer.result).toMatchObject({ winners: [1], shared: false })
})

test('until it breaks, where the finish is level', () => {
  const answer = judged({
    game,
    houseRules: { rounds: 1, tiedRound: 'nobody' },
    entries: [...level, ruling({ tie: 'extra-round' }), ...ROLLS],
  })
  expect(inShort(answer)).toEqual(['ok', 'ok', 'ok', 'ok', 'ok'])
  expect(answer.result).toMatchObject({ winners: [1] })
})

test('a ruling that would be refused during play is match-over after the end', () => {
  const entries = [
    ...ROLLS,
    ruling({ rounds: -1 }),
    ruling({ dice: 3 }),
    ruling({ nonsense: 1 }),
    ruling({ rounds: 1 }),
  ]
  expect(inShort(judged({ game, houseRules: { rounds: 1 }, entries })).slice(2)).toEqual(Array(4).fill('match-over'))
})

test('what a call has ended stays over; a call that is pending stays pending', () => {
  const finished = [...ROLLS, { call: 'finish' }, ruling({ rounds: 9 })]
  expect(inShort(judged({ game, entries: finished })).at(-1)).toBe('match-over')
  // Time is called in the last round: with more rounds it would be over by the call.
  const timed = [ROLLS[0], { call: 'time' }, ROLLS[1], ruling({ rounds: 9 })]
  expect(inShort(judged({ game, houseRules: { rounds: 1 }, entries: timed })).at(-1)).toBe('match-over')
})

test('striking the ruling closes the match again', () => {
  const answer = judged({ game, houseRules: { rounds: 1 }, entries: [...ROLLS, ruling({ rounds: 2 }), { strike: 3 }] })
  expect(answer.result).toMatchObject({ winners: [1] })
})

test('a rule may be kept as it is, though more has begun', () => {
  const entries = [...level, ROLLS[0], ruling({ rounds: 1 }), ruling({ rounds: 2 })]
  expect(inShort(judged({ game, houseRules: { rounds: 1, tie: 'extra-round' }, entries })).slice(3)).toEqual([
    'ok',
    'ok',
  ])
  expect(
    inShort(judged({ game, houseRules: { rounds: 3 }, entries: [...ROLLS, ROLLS[0], ruling({ rounds: 1 })] })).at(-1),
  ).toBe('already-past')
})

test('a match won down to one is reopened, and that win decides nothing later', () => {
  const turn = (by: number, cards: unknown[]) => ({ play: { do: 'turn', by, from: 'stock', cards } })
  const entries = [turn(1, [1]), ruling({ rounds: 3 }), turn(2, ['Q']), ruling({ rounds: 'to-one' }), turn(1, ['J'])]
  const answer = judged({ game: 'fill-in-order', houseRules: { rounds: 'to-one', slots: 1 }, entries })
  expect(inShort(answer)).toEqual(['ok', 'ok', 'ok', 'ok', 'ok'])
  expect(answer.result).toBeNull()
})

test.each(withFixtures())(
  '%s: a ruling that leaves the match over is match-over',
  (_id, _game, { match: { parts }, match }) => {
    const whole = judged({ ...parts, entries: [] })
    expect(whole.result).toBeNull()
    expect(match.lines.length).toBeGreaterThan(0)
  },
)
