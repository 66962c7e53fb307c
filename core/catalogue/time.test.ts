import { ABOUTS } from '#core/games/abouts'
import { gameById, GAMES } from '#core/games/index'
import { playsOf } from '#core/catalogue/lengths'
import { PLAYS } from '#core/catalogue/playsTable'
import { sayTime, timeOf } from '#core/catalogue/time'

test('the table knows every game with every number of players', () => {
  expect(Object.fromEntries(Object.entries(PLAYS).map(([id, rows]) => [id, Object.keys(rows).map(Number)]))).toEqual(
    Object.fromEntries(
      GAMES.map(({ id, about: { seats } }) => [
        id,
        Array.from({ length: seats.high - seats.low + 1 }, (_, i) => seats.low + i),
      ]),
    ),
  )
})

// All of them would take as long as writing the table does.
test.each([
  ['hundred-stops', 2],
  ['brim', 6],
  ['exact-landing', 3],
  ['token-dip', 2],
  ['table-ladder', 1],
] as const)('%s with %i: the table is current (npm run minutes)', (id, players) => {
  expect(playsOf(gameById(id)!, players)).toEqual({ [players]: PLAYS[id][players] })
})

test.each(ABOUTS.map((each) => [each.id, each] as const))(
  '%s: its time is some minutes, and of more players within it',
  (_, each) => {
    const { low, high } = timeOf(each)
    expect(low).toBeGreaterThanOrEqual(1)
    expect(high).toBeLessThanOrEqual(45)
    const one = timeOf(each, each.about.seats.low)
    expect(one.low).toBeGreaterThanOrEqual(low)
    expect(one.high).toBeLessThanOrEqual(high)
    // A table that plays at half the pace takes about twice as long.
    expect(timeOf(each, null, 2 * each.about.pace).high).toBeGreaterThanOrEqual(2 * high - 1)
  },
)

test.each([
  [{ low: 5, high: 9, atOnce: false, goesOn: false }, '5–9 minutes'],
  [{ low: 1, high: 1, atOnce: true, goesOn: false }, 'about 1 minute, may be over at once'],
  [{ low: 4, high: 4, atOnce: false, goesOn: true }, 'about 4 minutes, may go on'],
])('%j in words', (time, says) => expect(sayTime(time)).toBe(says))
