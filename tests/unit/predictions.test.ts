import { gameById, GAMES } from '#core/games/index'
import { openMatch } from '#core/kernel/match'
import { askedNow, askedOf, questionsAt, rightOf, type Asked } from '#core/kernel/predictions'
import { selfPlay } from '#core/kernel/selfPlay'
import { foldTape, type Tape } from '#core/kernel/tape'

const asking = GAMES.filter(({ predictions }) => predictions?.length)

test('games in which chance speaks have something to ask the room', () => {
  expect(asking.length).toBeGreaterThanOrEqual(15)
})

test.each(asking.map((game) => [game.id, game] as const))(
  '%s: each question has an answer that chance brings, now this, now that',
  (id, game) => {
    const players = ['Ines', 'Bao', 'Wren'].slice(0, Math.max(2, game.about.seats.low))
    const came = new Map<string, Set<number>>()
    for (const [nth, { rules }] of game.presets.entries())
      for (const key of [`asked ${id} ${nth}`, `again ${id} ${nth}`]) {
        const tape = selfPlay({ game, houseRules: rules, players, key, most: 60 })
        for (let after = 0; after < tape.lines.length; after++)
          for (const { id: question, choices } of questionsAt(tape.table, tape.lines[after]!.before)) {
            expect([2, 3, 4, 5, 6]).toContain(choices.length)
            expect(new Set(choices).size).toBe(choices.length)
            const told = askedOf(tape, { after, question, hands: choices.map(() => 0) })!
            expect(told.choices).toEqual(choices)
            if (told.came === null) continue
            expect(choices[told.came]).toBeDefined()
            came.set(question, (came.get(question) ?? new Set()).add(told.came))
          }
      }
    expect(came.size).toBe(game.predictions!.length)
    for (const found of came.values()) expect(found.size).toBeGreaterThanOrEqual(2)
  },
)

const brim = (entries: readonly unknown[]): Tape => {
  const opened = openMatch(gameById('brim')!, {
    houseRules: {},
    players: ['Ines', 'Bao'],
    first: 1,
    source: 'table',
    seed: null,
    opening: null,
  })
  if (!opened.ok) throw new Error('opens')
  return foldTape(opened.table, opened.state, entries)
}
const roll = { play: { do: 'roll', by: 1, dice: [6, 6, 6, 1, 1] } }
const stop = { play: { do: 'stop', by: 1, said: 20 } }
const hands = [7, 2]
const fits: Asked = { after: 0, question: 'fits', hands }

test.each([
  ['nobody has rolled', [], null],
  ['a roll decides nothing yet', [roll], null],
  ['the stop does', [roll, stop], 0],
  ['what was struck does not', [roll, stop, { strike: 2 }], null],
  ['a refused one neither', [roll, { play: { do: 'stop', by: 2 } }], null],
  [
    'it spilled over',
    [{ play: { do: 'roll', by: 1, dice: [6, 6, 6, 6, 1] } }, { play: { do: 'stop', by: 1, said: 25 } }],
    1,
  ],
] as const)('will it fit: %s', (_what, entries, came) => {
  expect(askedOf(brim(entries), fits)).toMatchObject({ asks: 'Will it fit?', hands, came })
})

test('what was asked stays in sight until somebody plays on, and the room’s guesses are counted', () => {
  const next = { play: { do: 'roll', by: 2, dice: [1, 1, 1, 1, 1] } }
  expect(askedNow(brim([roll, stop]), [fits])).toMatchObject({ came: 0 })
  expect(askedNow(brim([roll, stop, next]), [fits])).toBeNull()
  const of = (...given: readonly number[][]) =>
    rightOf(
      brim([roll, stop]),
      given.map((each) => ({ ...fits, hands: each })),
    )
  expect(of([7, 2])).toEqual({ right: 1, of: 1 })
  expect(of([1, 2], [3, 3], [0, 0])).toEqual({ right: 0, of: 1 })
})

test('what no tape knows is left out', () => {
  const tape = brim([])
  expect(askedOf(tape, { ...fits, question: 'rain' })).toBeNull()
  expect(askedOf(tape, { ...fits, after: 5 })).toBeNull()
  expect(askedOf(tape, { ...fits, hands: [1, 2, 3] })).toBeNull()
})
