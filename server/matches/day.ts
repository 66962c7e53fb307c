import { and, asc, eq, gte, inArray, isNotNull, lt, sql, type SQL } from 'drizzle-orm'
import { makeSpreadsheet } from '#core/format/spreadsheet'
import { sayCell } from '#core/wording/mastery'
import { foldFact } from '#core/mastery/cells'
import { masteryOf, shakyOnes } from '#core/mastery/mastery'
import type { Day, DayChild } from '#shared/api'
import { entries, facts, matches, people, whoSat } from '../database/schema'
import { yieldLoop } from '../utils/yieldLoop'
import { theDatabase } from '../utils/database'
import { sessionOf } from '../room/session'
import { TRY } from './facts'
import { listedWhere } from './store'

/** What somebody practised, in numbers. */
type Practised = Pick<DayChild, 'facts' | 'longer' | 'said' | 'right'>
const NOTHING: Practised = { facts: 0, longer: 0, said: 0, right: 0 }

/** Matches of one day at most. */
const MOST = 400
/** Days of practice that are looked at for what is shaky. */
const LOOKED_BACK = 365

/** One day, or any time between two moments: what was played, what each child practised, what was remarked. */
export const dayOf = (from: string, to: string): Promise<Day> =>
  lookBack(and(gte(matches.createdAt, from), lt(matches.createdAt, to)), to)

/** The same of one session of the room. */
export async function sessionDay(id: string): Promise<Day> {
  const { endedAt } = await sessionOf(id)
  return lookBack(eq(matches.sessionId, id), endedAt ?? new Date().toISOString())
}

async function lookBack(within: SQL | undefined, to: string): Promise<Day> {
  const database = await theDatabase()
  const played = await listedWhere(within, MOST)
  const ids = played.map(({ id }) => id)
  if (!ids.length) return { matches: [], children: [], remarks: [] }
  const remarks = await database
    .select({ match: entries.matchId, why: sql<string>`${entries.entry}->>'why'` })
    .from(entries)
    .where(
      and(
        inArray(entries.matchId, ids),
        sql`${entries.entry}->>'call' = 'note'`,
        sql`coalesce(${entries.entry}->>'why', '') <> ''`,
      ),
    )
    .orderBy(asc(entries.at))
  const practised = await database
    .select({
      person: facts.personId,
      operation: facts.operation,
      terms: facts.terms,
      answer: facts.answer,
      facts: sql<number>`count(*)::int`,
      said: sql<number>`count(${facts.said})::int`,
      right: sql<number>`count(*) filter (where ${facts.said} is not null and ${facts.right})::int`,
    })
    .from(facts)
    .where(and(inArray(facts.matchId, ids), isNotNull(facts.personId)))
    .groupBy(facts.personId, facts.operation, facts.terms, facts.answer)
  const byPerson = new Map<string | null, Practised>()
  for (const row of practised) {
    const { facts: squared, longer, said, right } = byPerson.get(row.person) ?? NOTHING
    const ofSquare = foldFact(row) !== null
    byPerson.set(row.person, {
      facts: squared + (ofSquare ? row.facts : 0),
      longer: longer + (ofSquare ? 0 : row.facts),
      said: said + row.said,
      right: right + row.right,
    })
  }
  const sat = await database.select().from(whoSat).where(inArray(whoSat.matchId, ids))
  const seated = [...new Set(sat.flatMap(({ personId }) => personId ?? []))]
  const known = seated.length
    ? await database.select().from(people).where(inArray(people.id, seated)).orderBy(asc(people.name))
    : []
  const children: DayChild[] = []
  for (const { id, name, pennant, aims, classes } of known) {
    const places = new Map(sat.flatMap(({ matchId, seat, personId }) => (personId === id ? [[matchId, seat]] : [])))
    const mine = played.filter((match) => places.has(match.id))
    const won = mine.filter(({ id: match, summary }) => summary.result?.winners.includes(places.get(match)!))
    children.push({
      person: { id, name, pennant, aims, classes },
      matches: mine.length,
      won: won.length,
      ...(byPerson.get(id) ?? NOTHING),
      shaky: await shakyOf(id, to),
    })
    await yieldLoop()
  }
  return { matches: played, children, remarks }
}

/** The shaky facts of somebody at that moment, by key. */
export async function shakyOf(person: string, until: string): Promise<string[]> {
  const database = await theDatabase()
  const tries = await database
    .select(TRY)
    .from(facts)
    .where(
      and(
        eq(facts.personId, person),
        lt(facts.at, until),
        sql`${facts.at} > ${until}::timestamptz - make_interval(days => ${LOOKED_BACK})`,
      ),
    )
  return shakyOnes(masteryOf(tries, Date.parse(until))).map(({ key }) => key)
}

/** What a day came to as CSV: a row a child. */
export function dayCsv({ children }: Day): string {
  const rows = children.map(({ person, matches: sat, won, facts: all, longer, said, right, shaky }) => ({
    name: person.name,
    matches: sat,
    won,
    facts: all,
    'longer sums': longer,
    answers: said,
    right,
    shaky: shaky.map(sayCell).join('; '),
  }))
  return makeSpreadsheet(rows, {
    columns: ['name', 'matches', 'won', 'facts', 'longer sums', 'answers', 'right', 'shaky'],
  })
}
