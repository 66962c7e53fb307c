import { withFixtures } from '../../tests/games/withFixtures'
import { nextPlay, selfPlay } from '#core/kernel/selfPlay'
import { addEntry } from '#core/kernel/tape'
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

test('an award of nothing is over too, and malformed before', () => {
  const nothing = { ruling: { award: { by: 1, points: 0 } } }
  expect(inShort(judged({ game, houseRules: { rounds: 1 }, entries: [nothing, ...ROLLS, nothing] }))).toEqual([
    'malformed',
    'ok',
    'ok',
    'match-over',
  ])
})

test('a changed goal forgets who landed on the old one', () => {
  const spin = (by: number, sign: string, step: number) => ({ play: { do: 'spin', by, sign, step } })
  const parts = { game: 'exact-landing', houseRules: { start: 8 } }
  const landed = [spin(1, '+', 2), ruling({ goal: 9 })]
  const open = judged({ ...parts, entries: landed })
  expect(inShort(open)).toEqual(['ok', 'ok'])
  expect(open.result).toBeNull()
  // Back to the old goal: who stands there has not landed on it anew.
  expect(judged({ ...parts, entries: [...landed, ruling({ goal: 10 })] }).result).toBeNull()
  expect(judged({ ...parts, entries: [...landed, spin(2, '+', 1)] }).result).toMatchObject({ winners: [2] })
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

/** Rulings that may make a match go on that is over, in games that have such a rule. */
function longer(rules: object): object[] {
  const now = rules as Readonly<Record<string, unknown>>
  const more = ['rounds', 'turns', 'goal'].flatMap((rule) =>
    typeof now[rule] === 'number' ? [{ [rule]: (now[rule] as number) + 2 }] : [],
  )
  const finishes = ['at-once', 'even-turns', 'first-home', 'all-home', 'play-on'].map((finish) => ({ finish }))
  return [...more, ...('finish' in now ? finishes : []), { tie: 'extra-round' }, { passes: 3 }]
}

test.each(withFixtures())(
  '%s: a match that goes on after its end is played to another one, and one that doesn’t is over',
  (id, game, { seats: [low] }) => {
    let reopened = 0
    for (const [i, preset] of game.presets.entries()) {
      const players = Array.from({ length: Math.max(2, low) }, (_, n) => `Player ${n + 1}`)
      const key = `again-${id}-${i}`
      const tape = selfPlay({ game, houseRules: preset.rules, players, key })
      if (tape.state.result?.ended !== undefined) continue
      for (const houseRules of longer(tape.state.rules)) {
        let going = addEntry(tape, { ruling: { houseRules } })
        const { verdict } = going.lines.at(-1)!
        expect([houseRules, verdict.reason?.code ?? 'ok']).toEqual([
          houseRules,
          going.state.result ? 'match-over' : 'ok',
        ])
        if (!verdict.stands) continue
        reopened++
        for (let n = 0; n < 400 && !going.state.result; n++) {
          going = addEntry(going, { play: nextPlay(going.table, going.state, key, n) })
          expect(going.lines.at(-1)!.verdict.reason).toBeNull()
        }
      }
    }
    // Where a round, a turn or a goal can be added, there is a match that goes on.
    expect(reopened > 0 || !/rounds|turns|goal/.test(JSON.stringify(Object.keys(game.houseRules.shape)))).toBe(true)
  },
)
