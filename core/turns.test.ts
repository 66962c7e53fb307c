import fc from 'fast-check'
import { nextTurn, type Turn } from '#core/turns'

const all = () => true

test.each([
  [1, 3, 1, [2, 1, false]],
  [2, 3, 1, [3, 1, false]],
  [3, 3, 1, [1, 2, true]],
  [3, 3, 2, [1, 1, false]],
  [1, 3, 2, [2, 2, true]],
])('after seat %i of %i, first %i', (turn, seats, first, [seat, round, fresh]) => {
  expect(nextTurn({ turn, round: 1, fresh: false }, seats, first, all)).toEqual({ turn: seat, round, fresh })
})

test('those who have nothing to do are passed over, and the round still ends where it began', () => {
  const without2 = (seat: number) => seat !== 2
  expect(nextTurn({ turn: 1, round: 1, fresh: true }, 3, 1, without2)).toEqual({ turn: 3, round: 1, fresh: false })
  const without1 = (seat: number) => seat !== 1
  expect(nextTurn({ turn: 3, round: 1, fresh: false }, 3, 1, without1)).toEqual({ turn: 2, round: 2, fresh: true })
  expect(nextTurn({ turn: 2, round: 4, fresh: false }, 3, 1, () => false)).toEqual({ turn: 2, round: 5, fresh: true })
  expect(nextTurn({ turn: 2, round: 4, fresh: false }, 3, 1, (seat) => seat === 2)).toEqual({ turn: 2, round: 5, fresh: true })
})

test('in a whole round everybody active acts once', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 6 }), fc.nat(5), fc.array(fc.boolean(), { minLength: 6, maxLength: 6 }), (seats, offset, flags) => {
      const first = 1 + (offset % seats)
      const active = (seat: number) => flags[seat - 1]! || seat === first
      let now: Turn = { turn: first, round: 1, fresh: true }
      const acted: number[] = []
      do {
        acted.push(now.turn)
        now = nextTurn(now, seats, first, active)
      } while (!now.fresh)
      expect(now).toEqual({ turn: first, round: 2, fresh: true })
      expect([...acted].sort()).toEqual(Array.from({ length: seats }, (_, i) => i + 1).filter(active))
    }),
  )
})
