import type { ListedMatch } from '#shared/api'

/** Which table of the room a match stands on: a table that plays again is the same one, by its name, else by who sits there. */
const placeOf = ({ name, seats }: ListedMatch): string => name || seats.map((seat) => seat.name).join('|')

/** Of matches, oldest first: those that are played, and of each table the newest, in the order in which tables were set up. */
export function tablesNow(matches: readonly ListedMatch[]): ListedMatch[] {
  const newest = new Map(matches.map((match) => [placeOf(match), match]))
  const first = [...newest.values()]
  // Two tables that bear the same name are both there while they play.
  return [...first, ...matches.filter((match) => !match.over && !first.includes(match))]
}
