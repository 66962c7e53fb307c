import { lengthOf, minutesOf } from '#core/kernel/estimate'
import { gameById } from '#core/games/index'

const game = (id: string) => gameById(id)!

test('a match of fixed turns is as long as its turns', () => {
  const length = lengthOf({ game: game('ten-turn-haul'), houseRules: { turns: 4 }, seats: 3, matches: 20 })
  expect(length).toEqual({ low: 12, usual: 12, high: 12, ended: 1, matches: 20 })
})

test('what players do at the same time counts once', () => {
  const alone = lengthOf({ game: game('roof-tiles'), houseRules: {}, seats: 1, matches: 40 })!
  const four = lengthOf({ game: game('roof-tiles'), houseRules: {}, seats: 4, matches: 40 })!
  expect(four.usual / alone.usual).toBeLessThan(1.5)
})

test.each(['token-dip', 'exact-landing', 'step-and-gather'])(
  '%s: 200 matches tell what 5,000 do, within a tenth',
  (id) => {
    const given = { game: game(id), houseRules: {}, seats: 2 }
    const few = lengthOf(given)!
    const many = lengthOf({ ...given, matches: 5000 })!
    // A play more or less is a play: short matches can't be told nearer than that.
    for (const part of ['low', 'usual', 'high'] as const)
      expect([part, Math.abs(few[part] - many[part]) <= Math.max(1, many[part] / 10)]).toEqual([part, true])
  },
)

test('stopped early it tells what it has', () =>
  expect(lengthOf({ game: game('brim'), houseRules: {}, seats: 2 }, (done) => done < 7)!.matches).toBe(7))

test('minutes: rounded, at most the clock’s; none where a match may never end', () => {
  const length = { low: 30, usual: 50, high: 90, ended: 1, matches: 200 }
  expect(minutesOf(length, 12, null)).toEqual({ low: 6, usual: 10, high: 18 })
  expect(minutesOf(length, 12, 15)).toEqual({ low: 6, usual: 10, high: 15 })
  expect(minutesOf({ ...length, ended: 0.9 }, 12, null)).toBeNull()
  expect(minutesOf({ ...length, ended: 0.9 }, 12, 15)).toEqual({ low: 6, usual: 10, high: 15 })
})
