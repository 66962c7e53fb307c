import { asc, desc, eq, sql } from 'drizzle-orm'
import { localTime, makeSpreadsheet } from '#core/format/spreadsheet'
import { masteryOf } from '#core/mastery/mastery'
import { sayCell } from '#core/wording/mastery'
import type { PersonMatch, SeenPerson } from '#shared/people'
import { facts, matches, people, seats, whoSat } from '../database/schema'
import { theDatabase } from '../utils/database'
import { roomZone } from '../room/zone'
import { factsOf } from './facts'
import { noSuchPerson } from './people'

/** One person's data in one file. */
const PERSON = 'nimble-tally/person'

/** Everybody known here, with how often they played and when last. */
export async function listSeenPeople(): Promise<SeenPerson[]> {
  const database = await theDatabase()
  const rows = await database
    .select({
      id: people.id,
      name: people.name,
      pennant: people.pennant,
      aims: people.aims,
      classes: people.classes,
      matches: sql<number>`count(${matches.id})::int`,
      last: sql<string | null>`max(${matches.updatedAt})`,
    })
    .from(people)
    .leftJoin(whoSat, eq(whoSat.personId, people.id))
    .leftJoin(matches, eq(matches.id, whoSat.matchId))
    .groupBy(people.room, people.id)
    .orderBy(asc(people.name))
  return rows
}

export async function personOf(id: string) {
  const database = await theDatabase()
  const [person] = await database
    .select({
      id: people.id,
      name: people.name,
      pennant: people.pennant,
      aims: people.aims,
      classes: people.classes,
    })
    .from(people)
    .where(eq(people.id, id))
  if (!person) throw noSuchPerson()
  return person
}

/** The matches that a person sat at, the newest first; of the others only how many they were. */
export async function matchesOf(id: string): Promise<PersonMatch[]> {
  const database = await theDatabase()
  const rows = await database
    .select({
      match: matches.id,
      game: matches.game,
      table: matches.name,
      houseRules: matches.houseRules,
      seat: whoSat.seat,
      players: sql<number>`(select count(*)::int from ${seats} others where others.match_id = ${matches.id})`,
      at: matches.createdAt,
      summary: matches.summary,
    })
    .from(whoSat)
    .innerJoin(matches, eq(matches.id, whoSat.matchId))
    .where(eq(whoSat.personId, id))
    .orderBy(desc(matches.createdAt), desc(matches.id))
  return rows.map(({ summary, ...row }) => ({
    ...row,
    over: summary.result !== null,
    score: summary.standing[row.seat - 1] ?? 0,
    won: summary.result?.winners.includes(row.seat) ?? false,
  }))
}

/** Everything that is kept of a person, as a file; nobody else’s name is in it. */
export async function personFile(id: string) {
  const database = await theDatabase()
  const { name, pennant, aims, classes } = await personOf(id)
  const practised = await database
    .select()
    .from(facts)
    .where(eq(facts.personId, id))
    .orderBy(asc(facts.at), asc(facts.entry), asc(facts.ordinal))
  return {
    format: PERSON,
    version: 1,
    madeAt: new Date().toISOString(),
    name,
    pennant,
    aims,
    classes,
    matches: await matchesOf(id),
    facts: practised.map(({ matchId, entry, operation, terms, answer, said, right, how, at }) => ({
      match: matchId,
      entry,
      operation,
      terms,
      answer,
      said,
      right,
      how,
      at,
    })),
  }
}

/** Facts looked at for the CSV: the newest ones, years of play. */
const MOST_TRIES = 5000

/** How a person stands with each fact, as CSV: a row a fact. */
export async function masteryCsv(id: string): Promise<string> {
  await personOf(id)
  const [tries, zone] = [await factsOf(id, MOST_TRIES), await roomZone()]
  const rows = [...masteryOf(tries, Date.now()).values()].map(({ key, status, tries: said, right, by, last }) => ({
    fact: sayCell(key),
    stands: status,
    tries: said,
    right,
    'with help': by.helped,
    met: by.met,
    last: localTime(last, zone),
  }))
  return makeSpreadsheet(rows, { columns: ['fact', 'stands', 'tries', 'right', 'with help', 'met', 'last'] })
}
