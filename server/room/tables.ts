import { eq } from 'drizzle-orm'
import type { ListedMatch } from '#shared/api'
import { byMade } from '#shared/order'
import { matches } from '../database/schema'
import { listedWhere } from '../matches/store'

/** Matches of a session that are looked through. */
const MOST_MATCHES = 1000

/** Which table of the room a match stands on: a table that plays again is the same one, by its name, else by who sits there. */
const placeOf = ({ name, seats }: ListedMatch): string => name || seats.map((seat) => seat.name).join('|')

/** Of a session's matches: of each table the newest, in the order in which tables were set up, and all others that are played. */
export async function tablesOf(session: string): Promise<ListedMatch[]> {
  const all = (await listedWhere(eq(matches.sessionId, session), MOST_MATCHES)).sort(byMade)
  const newest = [...new Map(all.map((match) => [placeOf(match), match])).values()]
  // Two tables that bear the same name are both there while they play.
  return [...newest, ...all.filter((match) => !match.over && !newest.includes(match))]
}
