import { count, eq, max } from 'drizzle-orm'
import type { Choice } from '#shared/people'
import { matches, whoSat } from '../database/schema'
import { theDatabase } from '../utils/database'

/** How often everybody known here has sat down to each game, and when last; games that somebody never played are left out. */
export async function listChoices(): Promise<Choice[]> {
  const database = await theDatabase()
  const rows = await database
    .select({ person: whoSat.personId, game: matches.game, times: count(), last: max(matches.createdAt) })
    .from(whoSat)
    .innerJoin(matches, eq(matches.id, whoSat.matchId))
    .groupBy(whoSat.personId, matches.game)
  return rows.map(({ person, game, times, last }) => ({ person: person!, game, times, last: last! }))
}
