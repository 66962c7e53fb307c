/** Seats are numbered from 1 in plays and files; lists by seat are indexed from 0. */

/** What each seat has, the first seat's first. */
export type BySeat<T> = readonly T[]

/** What a seat has. That the seat is there is the caller's to know: the kernel refuses strangers before a game is asked. */
export const ofSeat = <T>(all: BySeat<T>, seat: number): T => all[seat - 1] as T

/** The seat after `seat`, going up and round again. */
export function seatAfter(seat: number, seats: number): number {
  return (seat % seats) + 1
}

/** The seats in playing order of a round that begins with `first`. */
export function seatsFrom(first: number, seats: number): number[] {
  return Array.from({ length: seats }, (_, i) => ((first - 1 + i) % seats) + 1)
}

/** The seats whose value is best; several when level. `values` is not empty. */
export function bestSeats(values: BySeat<number>, best: 'most' | 'fewest'): number[] {
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
export function withSeat<T>(list: BySeat<T>, seat: number, value: T): T[] {
  const copy = list.slice()
  copy[seat - 1] = value
  return copy
}
