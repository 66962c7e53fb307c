import { lengthOf, minutesOf } from '#core/estimate'
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

test('200 matches tell what many do, within a tenth', () => {
  const given = { game: game('token-dip'), houseRules: {}, seats: 2 }
  const few = lengthOf(given)!
  const many = lengthOf({ ...given, matches: 1500 })!
  for (const part of ['low', 'usual', 'high'] as const) expect(Math.abs(few[part] - many[part])).toBeLessThanOrEqual(many[part] / 10)
})

test('stopped early it tells what it has', () => expect(lengthOf({ game: game('brim'), houseRules: {}, seats: 2 }, (done) => done < 7)!.matches).toBe(7))

test('minutes: rounded, at most the clock’s; none where a match may never end', () => {
  const length = { low: 30, usual: 50, high: 90, ended: 1, matches: 200 }
  expect(minutesOf(length, 12, null)).toEqual({ low: 6, usual: 10, high: 18 })
  expect(minutesOf(length, 12, 15)).toEqual({ low: 6, usual: 10, high: 15 })
  expect(minutesOf({ ...length, ended: 0.9 }, 12, null)).toBeNull()
  expect(minutesOf({ ...length, ended: 0.9 }, 12, 15)).toEqual({ low: 6, usual: 10, high: 15 })
})
