import { GAMES } from '#core/games/index'
import type { BasePlay } from '#core/contract/plays'
import { openMatch } from '#core/kernel/match'
import { MEMBER_ORDERS, memberAt, memberIn, nextMember, otherMember, withMembers } from '#core/kernel/members'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { addEntry, foldTape, type Tape } from '#core/kernel/tape'

const SIZE = 4
const MEMBERS = ['Ines', 'Bao', 'Wren', 'Kofi']

/** A match of two sides (one where the game is for one alone), before its first play. */
function sided(game: (typeof GAMES)[number]): Tape {
  const seats = Math.max(game.about.seats.low, Math.min(2, game.about.seats.high))
  const names = Array.from({ length: seats }, (_, i) => `Crew ${i + 1}`)
  const { table } = openSelfPlay({ game, players: names, key: 'members' })
  const players = names.map((name) => ({ name, members: MEMBERS }))
  const opened = openMatch(game, { ...table, players, houseRules: {} })
  if (!opened.ok) throw new Error(JSON.stringify(opened.problems))
  return foldTape(opened.table, opened.state, [])
}

/** The members of `seat` as they had their goes; plays of one turn are one go. */
function goes({ table, lines }: Tape, seat: number): number[] {
  const made = lines.flatMap(({ play }) => (play ? [{ by: play.by, who: memberIn(table.game, play, seat) }] : []))
  return made.flatMap(({ who }, i) => {
    const same = table.seats > 1 && made[i - 1]?.by === seat && made[i - 1]?.who === who
    return who === null || same ? [] : [who]
  })
}

describe.each(GAMES.map((game) => [game.id, game] as const))('%s', (_id, game) => {
  test.each(MEMBER_ORDERS)('members of a side have their goes: %s', (order) => {
    let tape = sided(game)
    const next = (seat: number) => nextMember(tape, seat, SIZE, order, 'harbour')
    for (let n = 0; n < 60; n++) {
      const play = nextPlay(tape.table, tape.state, 'members', n)
      if (play === null) break
      tape = addEntry(tape, { play: withMembers(play as BasePlay, next) })
    }
    expect(tape.lines.filter(({ verdict }) => verdict.reason?.code === 'no-such-member')).toEqual([])
    for (let seat = 1; seat <= tape.table.seats; seat++) {
      const had = goes(tape, seat)
      if (order === 'turns') expect(had).toEqual(had.map((_, i) => (i % SIZE) + 1))
      for (let from = 0; order === 'lot' && from + SIZE <= had.length; from += SIZE)
        expect(had.slice(from, from + SIZE).sort()).toEqual([1, 2, 3, 4])
      // The same after a reload.
      const again = foldTape(
        tape.table,
        tape.start,
        tape.lines.map(({ raw }) => raw),
      )
      expect(nextMember(again, seat, SIZE, order, 'harbour')).toBe(next(seat))
    }
  })
})

test('a child who was called by the referee keeps the turn, and does not come again in this draw', () => {
  const game = GAMES.find(({ id }) => id === 'token-dip')!
  let tape = sided(game)
  const called = (nextMember(tape, 1, SIZE, 'lot', 'harbour') % SIZE) + 1
  const play = nextPlay(tape.table, tape.state, 'members', 0) as BasePlay
  tape = addEntry(tape, { play: withMembers({ ...play, who: called }, () => 4) })
  expect(memberIn(game, tape.lines[0]!.play!, 1)).toBe(called)
  const others = new Set(Array.from({ length: 30 }, (_, i) => nextMember(tape, 1, SIZE, 'lot', `lot ${i}`)))
  expect(others.has(called)).toBe(false)
  expect(others.size).toBe(SIZE - 1)
})

test.each(MEMBER_ORDERS)('somebody else is called until all were: %s', (memberOrder) => {
  const tape = sided(GAMES.find(({ id }) => id === 'token-dip')!)
  const side = { members: MEMBERS, memberOrder }
  const called = new Set<number>()
  for (let member = memberAt(tape, 1, side, 'harbour')!; !called.has(member);) {
    called.add(member)
    member = otherMember(tape, 1, side, 'harbour', member)
  }
  expect(called.size).toBe(SIZE)
  // Whom the referee called counts for this play alone.
  expect(memberAt(tape, 1, { ...side, called: { who: 3, played: 0 } }, 'harbour')).toBe(3)
  expect(memberAt(tape, 1, { ...side, called: { who: 3, played: 1 } }, 'harbour')).toBe(
    memberAt(tape, 1, side, 'harbour'),
  )
  expect(memberAt(tape, 1, {}, 'harbour')).toBeNull()
})
