import { sql } from 'drizzle-orm'
import type { Level, Pair } from '#shared/people'
import type { NewMatch } from '#shared/requests'
import { rowsOf } from '../database/rows'
import { facts, matches, seats } from '../database/schema'
import { theDatabase } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { openForSetup, storeOpened } from '../matches/store'
import { openSession } from './session'

/** Days that count as lately. */
const LATELY = 60

/** How often two have sat at one table lately. */
export async function listPairs(): Promise<Pair[]> {
  const database = await theDatabase()
  return rowsOf<Pair>(
    database,
    sql`
    select a.person_id as one, b.person_id as other, count(*)::int as times
    from ${seats} a join ${seats} b on a.match_id = b.match_id and a.person_id < b.person_id
    join ${matches} m on m.id = a.match_id
    where m.created_at > now() - make_interval(days => ${LATELY})
    group by 1, 2`,
  )
}

/** How many answers each has said lately, and how many of them were right. */
export async function listLevels(): Promise<Level[]> {
  const database = await theDatabase()
  return rowsOf<Level>(
    database,
    sql`
    select person_id as person, count(*)::int as said, count(*) filter (where "right")::int as "right"
    from ${facts}
    where said is not null and person_id is not null and at > now() - make_interval(days => ${LATELY})
    group by person_id`,
  )
}

/**
 * Sets up all the tables of a room at once, in the session that goes on or a new one: every table is looked at before the
 * first is made, so that it is all or none.
 */
export async function makeTables(tables: readonly NewMatch[]): Promise<string[]> {
  const people = tables.flatMap(({ seats: seated }) => seated.flatMap(({ personId }) => personId ?? []))
  const twice = people.find((id, i) => people.indexOf(id) !== i)
  if (twice)
    throw new Refusal(422, 'seated-twice', 'Somebody would sit at two tables at once; move them to one.', 'tables')
  const opened = tables.map(({ boardOf, ...given }, i) => {
    try {
      return { boardOf, ...openForSetup(given) }
    } catch (error) {
      if (!(error instanceof Refusal)) throw error
      throw new Refusal(
        error.status,
        error.code,
        `${given.name || `Table ${i + 1}`}: ${error.says}`,
        `tables.${i}.${error.path}`,
        error.more,
      )
    }
  })
  await openSession()
  const made: string[] = []
  for (const table of opened) made.push(await storeOpened(table, table.boardOf))
  return made
}
