/** Whose turn it is, in rounds that begin with `first` and pass over those who have nothing to do. */
export interface Turn {
  readonly turn: number
  /** The round in progress, from 1. */
  readonly round: number
  /** Nobody has acted in this round yet. */
  readonly fresh: boolean
}

/** The turn after that of `now`. Where nobody is active the seat stays and the round is complete. */
export function nextTurn({ turn, round }: Turn, seats: number, first: number, active: (seat: number) => boolean): Turn {
  const place = (seat: number) => (seat - first + seats) % seats
  for (let step = 1; step <= seats; step++) {
    const seat = ((turn - 1 + step) % seats) + 1
    if (!active(seat)) continue
    return place(seat) > place(turn) ? { turn: seat, round, fresh: false } : { turn: seat, round: round + 1, fresh: true }
  }
  return { turn, round: round + 1, fresh: true }
}
