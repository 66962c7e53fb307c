import { GAMES } from '#core/games/index'
import { readMatch, makeMatchFile } from '#core/format/matchFile'
import { withFixtures } from '../../tests/games/withFixtures'
import { fileOf, inShort, judged, problemsOf } from '../../tests/unit/judging'

const CREW = { name: 'The harbour crew', members: ['Ines', 'Bao', 'Wren'] }

test.each([
  [[CREW, 'Tomasz'], []],
  [[{ ...CREW, members: Array.from({ length: 40 }, (_, i) => `Child ${i}`) }, 'Tomasz'], []],
  [[{ ...CREW, members: Array.from({ length: 41 }, (_, i) => `Child ${i}`) }, 'Tomasz'], ['players.0 bad-players']],
  [[{ ...CREW, members: [] }, 'Tomasz'], ['players.0 bad-players']],
  [['Tomasz', { members: ['Ines'] }], ['players.1 bad-players']],
  [['Tomasz', { ...CREW, name: '' }], ['players.1 bad-players']],
  [['Tomasz', { ...CREW, captain: 'Bao' }], ['players.1 bad-players']],
  [['Tomasz', 7], ['players.1 bad-field']],
])('players %j: %j', (players, found) => expect(problemsOf({ players: players as string[] })).toEqual(found))

test('the file of a match holds its sides as they were brought', () => {
  const read = readMatch(fileOf({ players: [CREW, 'Tomasz'] as unknown as string[] }))
  expect(read.ok && makeMatchFile(read.tape, {}).players).toEqual([CREW, 'Tomasz'])
})

const roll = (by: number, who?: unknown) => ({
  play: { do: 'roll', by, dice: [1, 1, 1, 1, 1], ...(who === undefined ? {} : { who }) },
})
test.each([
  [roll(1), 'ok'],
  [roll(1, 3), 'ok'],
  [roll(1, 4), 'no-such-member'],
  [roll(1, 0), 'no-such-member'],
  [roll(2, 1), 'no-such-member'],
  [roll(3, 1), 'no-such-player'],
  [roll(1, 'Bao'), 'malformed'],
  [roll(1, 1.5), 'malformed'],
])('%j: %s', (entry, verdict) =>
  expect(inShort(judged({ players: [CREW, 'Tomasz'] as unknown as string[], entries: [entry] }))).toEqual([verdict]),
)

test('a play that nobody in particular makes carries no member', () => {
  const parts = { game: 'call-row', players: [CREW, 'Tomasz'] as unknown as string[] }
  expect(inShort(judged({ ...parts, entries: [{ play: { do: 'deal', card: 4, who: 1 } }] }))).toEqual(['malformed'])
})

test('answers of a side carry their member; every seat is looked at first', () => {
  const answer = (by: number, who: number) => ({ by, who, said: 7, explained: true })
  const round = (...answers: object[]) => ({ play: { do: 'round', cards: [3, 4], answers } })
  const parts = { game: 'say-it-first', players: [CREW, 'Tomasz'] as unknown as string[] }
  const entries = [round(answer(1, 4), answer(9, 1)), round(answer(1, 4)), round(answer(1, 2))]
  expect(inShort(judged({ ...parts, entries }))).toEqual(['no-such-player', 'no-such-member', 'ok'])
})

describe.each(withFixtures())('%s', (id, _game, { match: { parts }, live }) => {
  const sided = (given: typeof live) => {
    const players = given.players ?? ['Ines', 'Tomasz']
    return { ...given, players: players.map((name) => ({ name, members: ['One', 'Two'] })) as unknown as string[] }
  }
  test('a side changes no verdict', () => {
    for (const each of [parts, live]) expect(inShort(judged(sided(each)))).toEqual(inShort(judged(each)))
  })
  test('who played comes with every play that somebody makes', () => {
    const entries = (live.entries ?? []).map((entry) => {
      const { play } = entry as { play?: { by?: number } }
      return play?.by === undefined ? entry : { ...(entry as object), play: { ...play, who: 2 } }
    })
    expect(inShort(judged({ ...sided(live), entries }))).toEqual(inShort(judged(live)))
    expect(GAMES.some((game) => game.id === id)).toBe(true)
  })
})
