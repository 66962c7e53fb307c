import type { End, Timing, Progress, Seating } from '#core/contract/game'
import { bestSeats, ofSeat, seatAfter, withSeat, type BySeat } from '#core/kit/seats'

/** Whose turn it is, in rounds that begin with `first` and pass over those who have nothing to do. */
export interface Turns {
  readonly seats: number
  readonly first: number
  readonly turn: number
  /** The round in progress, or the one to come, from 1. */
  readonly round: number
  /** Nobody has acted in this round yet. */
  readonly fresh: boolean
}

/** Before the first turn. */
export function openTurns({ seats, first }: Pick<Seating, 'seats' | 'first'>): Turns {
  return { seats, first, turn: first, round: 1, fresh: true }
}

/** Where plays are made in turn: `not-their-turn` for everybody else. */
export function inTurn({ turn }: Pick<Turns, 'turn'>, { by }: { readonly by?: number }): Timing {
  return by === turn ? 'now' : 'not-their-turn'
}

const everybody = () => true

/** The turn after that of `now`; seats that are not active are passed over. Where nobody is, the seat stays and the round is complete. */
export function passTurn({ turn, round, seats, first }: Turns, active: (seat: number) => boolean = everybody): Turns {
  const place = (seat: number) => (seat - first + seats) % seats
  for (let step = 1, seat = seatAfter(turn, seats); step <= seats; step++, seat = seatAfter(seat, seats)) {
    if (!active(seat)) continue
    return place(seat) > place(turn)
      ? { seats, first, turn: seat, round, fresh: false }
      : { seats, first, turn: seat, round: round + 1, fresh: true }
  }
  return { seats, first, turn, round: round + 1, fresh: true }
}

/** How far a game with turns is: rounds (or turns each) out of `of`; `unit` null where nothing is counted aloud. */
export function turnsProgress(
  { round, fresh }: Pick<Turns, 'round' | 'fresh'>,
  of: number | null,
  unit: Progress['unit'] = 'round',
): Progress {
  return { unit: of === null ? null : unit, begun: fresh ? round - 1 : round, of, fresh, between: fresh }
}

/** The progress of games without rounds: time ends them at once. */
export const NO_ROUNDS: Progress = { unit: null, begun: 0, of: null, fresh: true, between: true }

/** `scores` with points given or taken by ruling; a deduction stops at `floor` (null: nowhere). */
export function awarded(
  scores: BySeat<number>,
  seat: number,
  points: number,
  floor: number | null = 0,
): readonly number[] {
  const score = ofSeat(scores, seat) + points
  return withSeat(scores, seat, floor === null ? score : Math.max(floor, score))
}

/** Awards that are kept beside what was gathered: `standing` is the score with them, and a deduction stops where it is 0. */
export function awardedBeside(
  awards: BySeat<number>,
  standing: BySeat<number>,
  seat: number,
  points: number,
): readonly number[] {
  return withSeat(awards, seat, ofSeat(awards, seat) + Math.max(points, -ofSeat(standing, seat)))
}

/** Decides on the standing: all who are level win. */
export function leadOf(standing: BySeat<number>, why = 'most-points', best: 'most' | 'fewest' = 'most'): End {
  return { winners: bestSeats(standing, best), why }
}
