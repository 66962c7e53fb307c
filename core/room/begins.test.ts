import { randomFor } from '#core/basics/random'
import { firstOf, type Beginning } from '#core/room/begins'

const match = (first: number, ...ids: (string | null)[]) => ({ first, seats: ids.map((personId) => ({ personId })) })

test.each<[Beginning, readonly string[], readonly ReturnType<typeof match>[], number]>([
  ['first', ['a', 'b', 'c'], [match(2, 'a', 'b', 'c')], 1],
  ['turn', ['a', 'b', 'c'], [match(2, 'a', 'b', 'c')], 3],
  ['turn', ['a', 'b', 'c'], [match(3, 'a', 'b', 'c'), match(1, 'a', 'b', 'c')], 1],
  // They sit in another order now: still the one after whoever began.
  ['turn', ['c', 'a', 'b'], [match(1, 'a', 'b', 'c')], 3],
  // Others sat there, or fewer.
  ['turn', ['a', 'b'], [match(1, 'a', 'b', 'c'), match(2, 'a', 'b')], 1],
])('%s at %j after %j: seat %s', (how, people, earlier, seat) => {
  expect(firstOf(how, people, earlier, randomFor('lots'))).toBe(seat)
})

test('those who never sat together draw lots, each as likely', () => {
  const counts = [0, 0, 0]
  for (let n = 0; n < 300; n++)
    counts[firstOf('turn', ['a', 'b', 'c'], [match(1, 'a', 'd')], randomFor('2~lots', n)) - 1]!++
  for (const count of counts) expect(count).toBeGreaterThan(60)
  expect(firstOf('lot', [], [], randomFor('lots'))).toBe(1)
})
