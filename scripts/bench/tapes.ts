import type { Game } from '#core/game'
import { readHouseRules } from '#core/houseRules'
import { awaits, openMatch } from '#core/match'
import { randomFor } from '#core/random'
import { addEntry, foldTape, type Tape } from '#core/tape'

/** A match played by bots, to its end or `most` entries. */
export function botTape(game: Game, seats: number, seed: number, houseRules: object = {}, most = 2000): Tape {
  const players = Array.from({ length: seats }, (_, i) => `Seat ${i + 1}`)
  const rules = readHouseRules(game, houseRules, seats)
  if (!rules.ok) throw new Error(JSON.stringify(rules.problems))
  const opening = game.dealOpening(rules.rules, seats, randomFor(seed, 'opening'))
  const opened = openMatch(game, { houseRules, players, first: 1, source: 'dealt', seed, opening })
  if (!opened.ok) throw new Error(JSON.stringify(opened.problems))
  let tape = foldTape(opened.table, opened.state, [])
  while (tape.state.result === null && tape.lines.length < most) {
    const seat = awaits(opened.table, tape.state)!.seats[0]!
    const play = game.bot(tape.state.rules, tape.state.game, seat, randomFor(seed, tape.lines.length))
    tape = addEntry(tape, { play })
  }
  return tape
}

/** A tape of exactly `entries` entries: a long match, filled up with notes where the game ends sooner. */
export function longTape(game: Game, entries: number): Tape {
  const long = 'rounds' in game.houseRules.shape && game.id === 'brim' ? { rounds: 50 } : {}
  const tape = botTape(game, Math.min(3, game.about.seats.high), 5, long, entries)
  const raws = tape.lines.map((line) => line.raw)
  while (raws.length < entries) raws.push({ call: 'note', why: 'bench' })
  return foldTape(tape.table, tape.start, raws)
}
