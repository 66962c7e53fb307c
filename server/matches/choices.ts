import { count, eq, isNotNull, max } from 'drizzle-orm'
import type { Choice } from '#shared/api'
import { matches, seats } from '../database/schema'
import { theDatabase } from '../utils/database'

/** How often everybody known here has sat down to each game, and when last; games that somebody never played are left out. */
export async function listChoices(): Promise<Choice[]> {
  const database = await theDatabase()
  const rows = await database
    .select({ person: seats.personId, game: matches.game, times: count(), last: max(matches.createdAt) })
    .from(seats)
    .innerJoin(matches, eq(matches.id, seats.matchId))
    .where(isNotNull(seats.personId))
    .groupBy(seats.personId, matches.game)
  return rows.map(({ person, game, times, last }) => ({ person: person!, game, times, last: last! }))
}
