import { GAMES } from '#core/games/index'
import { watchedTapes } from '#core/trainer/watched'

const NAMES = ['Ines', 'Tomasz']

describe.each(GAMES.map((game) => [game.id, game] as const))('%s', (_id, game) => {
  const players = NAMES.slice(0, Math.max(game.about.seats.low, Math.min(2, game.about.seats.high)))
  test('plays itself entry by entry to its end, all of it right', () => {
    const tapes = watchedTapes({ game, houseRules: {}, players, slips: false, key: '2~watch' })
    expect(tapes[0]!.lines).toEqual([])
    tapes.forEach(({ lines }, n) => expect(lines).toHaveLength(n))
    expect(tapes.at(-1)!.lines.every(({ verdict }) => verdict.stands)).toBe(true)
    expect(tapes.at(-1)!.state.result ?? tapes.length).toBeTruthy()
  })
  test('with slips some plays are refused, and the right one follows', () => {
    const all = ['2~slip', '2~slip 2', '2~slip 3'].flatMap(
      (key) => watchedTapes({ game, houseRules: {}, players, slips: true, key }).at(-1)!.lines,
    )
    const refused = all.filter(({ verdict }) => !verdict.stands)
    expect(refused.length).toBeGreaterThan(0)
    expect(refused.length).toBeLessThan(all.length / 2)
  })
})
