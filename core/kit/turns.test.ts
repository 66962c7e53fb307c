import fc from 'fast-check'
import { awarded, awardedBeside, inTurn, leadOf, openTurns, passTurn, turnsProgress, type Turns } from '#core/kit/turns'

const all = () => true

test.each([
  [1, 3, 1, [2, 1, false]],
  [2, 3, 1, [3, 1, false]],
  [3, 3, 1, [1, 2, true]],
  [3, 3, 2, [1, 1, false]],
  [1, 3, 2, [2, 2, true]],
])('after seat %i of %i, first %i', (turn, seats, first, [seat, round, fresh]) => {
  expect(passTurn({ seats, first, turn, round: 1, fresh: false }, all)).toEqual({
    seats,
    first,
    turn: seat,
    round,
    fresh,
  })
})

test('those who have nothing to do are passed over, and the round still ends where it began', () => {
  const without2 = (seat: number) => seat !== 2
  expect(passTurn({ seats: 3, first: 1, turn: 1, round: 1, fresh: true }, without2)).toEqual({
    seats: 3,
    first: 1,
    turn: 3,
    round: 1,
    fresh: false,
  })
  const without1 = (seat: number) => seat !== 1
  expect(passTurn({ seats: 3, first: 1, turn: 3, round: 1, fresh: false }, without1)).toEqual({
    seats: 3,
    first: 1,
    turn: 2,
    round: 2,
    fresh: true,
  })
  expect(passTurn({ seats: 3, first: 1, turn: 2, round: 4, fresh: false }, () => false)).toEqual({
    seats: 3,
    first: 1,
    turn: 2,
    round: 5,
    fresh: true,
  })
  expect(passTurn({ seats: 3, first: 1, turn: 2, round: 4, fresh: false }, (seat) => seat === 2)).toEqual({
    seats: 3,
    first: 1,
    turn: 2,
    round: 5,
    fresh: true,
  })
})

test('in a whole round everybody active acts once', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 6 }),
      fc.nat(5),
      fc.array(fc.boolean(), { minLength: 6, maxLength: 6 }),
      (seats, offset, flags) => {
        const first = 1 + (offset % seats)
        const active = (seat: number) => flags[seat - 1]! || seat === first
        let now: Turns = openTurns({ seats, first })
        const acted: number[] = []
        do {
          acted.push(now.turn)
          now = passTurn(now, active)
        } while (!now.fresh)
        expect(now).toEqual({ seats, first, turn: first, round: 2, fresh: true })
        expect([...acted].sort()).toEqual(Array.from({ length: seats }, (_, i) => i + 1).filter(active))
      },
    ),
  )
})

test('whose turn it is, how far the match is, and who leads', () => {
  const now = openTurns({ seats: 3, first: 2 })
  expect([inTurn(now, { by: 2 }), inTurn(now, { by: 3 }), inTurn(now, {})]).toEqual([
    'now',
    'not-their-turn',
    'not-their-turn',
  ])
  expect(turnsProgress(now, 5)).toEqual({ unit: 'round', begun: 0, of: 5, fresh: true, between: true })
  expect(turnsProgress(passTurn(now), 5, 'turn')).toEqual({
    unit: 'turn',
    begun: 1,
    of: 5,
    fresh: false,
    between: false,
  })
  expect(turnsProgress(now, null).unit).toBeNull()
  expect(leadOf([4, 7, 7])).toEqual({ winners: [2, 3], why: 'most-points' })
  expect(leadOf([4, 7, 7], 'least-left', 'fewest')).toEqual({ winners: [1], why: 'least-left' })
})

test.each([
  [[5, 5], 1, 3, 0, [8, 5]],
  [[5, 5], 2, -9, 0, [5, 0]],
  [[5, 5], 2, -9, null, [5, -4]],
])('awards: %j, player %i, %i points, floor %s', (scores, seat, points, floor, after) =>
  expect(awarded(scores, seat, points, floor)).toEqual(after),
)

test('awards kept beside what was gathered stop where the score is 0', () => {
  expect(awardedBeside([0, 2], [3, 5], 1, -9)).toEqual([-3, 2])
  expect(awardedBeside([0, 2], [3, 5], 2, 4)).toEqual([0, 6])
})
