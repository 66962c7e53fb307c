import type { Random } from '#core/basics/random'

/** Who begins at each table: by lot, who stands first there, or whoever comes after the one who began last time. */
export const BEGINNINGS = ['lot', 'first', 'turn'] as const
export type Beginning = (typeof BEGINNINGS)[number]

/** A match as it was begun. */
interface Begun {
  readonly first: number
  readonly seats: readonly { readonly personId: string | null }[]
}

/**
 * The seat (from 1) that begins at a table of these people. By turns it is the next one after whoever began their newest
 * match; those who never sat together draw lots. `earlier` is told newest first.
 */
export function firstOf(how: Beginning, people: readonly string[], earlier: readonly Begun[], lots: Random): number {
  if (how === 'first' || !people.length) return 1
  const same = (match: Begun) =>
    match.seats.length === people.length && people.every((id) => match.seats.some(({ personId }) => personId === id))
  const last = how === 'turn' ? earlier.find(same) : undefined
  const began = last ? people.indexOf(last.seats[last.first - 1]?.personId ?? '') : -1
  return began < 0 ? 1 + lots.whole(0, people.length - 1) : 1 + ((began + 1) % people.length)
}
