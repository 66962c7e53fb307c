import type { ListedMatch } from './api'

/** Matches in the order in which they were set up. */
export const byMade = (one: ListedMatch, other: ListedMatch): number =>
  one.createdAt.localeCompare(other.createdAt) || one.id.localeCompare(other.id)
