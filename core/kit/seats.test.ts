import fc from 'fast-check'
import { bestSeats, seatAfter, seatsFrom, withSeat } from '#core/kit/seats'

const SEATS = fc.integer({ min: 1, max: 8 })

test('turns go up the seats and round again, and come to everybody once', () => {
  fc.assert(
    fc.property(SEATS, fc.nat(), (seats, offset) => {
      const first = 1 + (offset % seats)
      const order = seatsFrom(first, seats)
      expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: seats }, (_, i) => i + 1))
      order.forEach((seat, i) => expect(seatAfter(seat, seats)).toBe(order[(i + 1) % seats]))
      expect(order[0]).toBe(first)
    }),
  )
})

test('the best are all who are level at the top, none else', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 1, maxLength: 8 }),
      fc.constantFrom('most' as const, 'fewest' as const),
      (values, best) => {
        const winners = bestSeats(values, best)
        const better = (a: number, b: number) => (best === 'most' ? a > b : a < b)
        values.forEach((value, i) =>
          expect(winners.includes(i + 1)).toBe(!values.some((other) => better(other, value))),
        )
      },
    ),
  )
})

test('one value is replaced and the list given stays as it is', () => {
  const list = Object.freeze([1, 2, 3])
  expect(withSeat(list, 2, 9)).toEqual([1, 9, 3])
  expect(list).toEqual([1, 2, 3])
})
