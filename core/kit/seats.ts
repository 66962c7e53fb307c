/** Seats are numbered from 1 in plays and files; lists by seat are indexed from 0. */

/** The seat after `seat`, going up and round again. */
export function seatAfter(seat: number, seats: number): number {
  return (seat % seats) + 1
}

/** The seats in playing order of a round that begins with `first`. */
export function seatsFrom(first: number, seats: number): number[] {
  return Array.from({ length: seats }, (_, i) => ((first - 1 + i) % seats) + 1)
}

/** The seats whose value is best; several when level. `values` is indexed by seat - 1 and not empty. */
export function bestSeats(values: readonly number[], best: 'most' | 'fewest'): number[] {
  const top = best === 'most' ? Math.max(...values) : Math.min(...values)
  const seats: number[] = []
  values.forEach((value, i) => {
    if (value === top) seats.push(i + 1)
  })
  return seats
}

/** The same value for every seat. */
export function everySeat<T>(seats: number, value: T): T[] {
  return Array.from({ length: seats }, () => value)
}

/** A list by seat with one value replaced; the list given stays as it is. */
export function withSeat<T>(list: readonly T[], seat: number, value: T): T[] {
  const copy = list.slice()
  copy[seat - 1] = value
  return copy
}
