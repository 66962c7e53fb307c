import { desc, eq } from 'drizzle-orm'
import { practisedFacts } from '#core/facts'
import type { Tape } from '#core/tape'
import { entries, facts, matches, seats } from '../database/schema'
import { theDatabase, type Within } from '../utils/database'

const BATCH = 500

/** Keeps the facts that the newest entry practised; after a correction, those of the whole tape anew. */
export async function keepFacts(match: string, tape: Tape, within: Within): Promise<void> {
  const newest = tape.lines.at(-1)
  if (!newest) return
  const whole = newest.entry.kind === 'amend' || newest.entry.kind === 'strike'
  if (whole) await within.delete(facts).where(eq(facts.matchId, match))
  await insertFacts(match, tape, whole ? tape.lines : [newest], within)
}

/** When each entry was made: a fact put right later was still practised then. */
async function timesOf(match: string, within: Within): Promise<ReadonlyMap<number, string>> {
  const rows = await within.select({ number: entries.number, at: entries.at }).from(entries).where(eq(entries.matchId, match))
  return new Map(rows.map(({ number, at }) => [number, at]))
}

export async function insertFacts(match: string, tape: Tape, lines: Tape['lines'], within: Within): Promise<void> {
  const found = lines.flatMap((line) => practisedFacts(tape.table, line).map((fact, ordinal) => ({ fact, ordinal })))
  if (!found.length) return
  const seated = await within.select({ seat: seats.seat, personId: seats.personId }).from(seats).where(eq(seats.matchId, match))
  const times = lines.length > 1 ? await timesOf(match, within) : null
  const person = new Map(seated.map(({ seat, personId }) => [seat, personId]))
  const rows = found.map(({ fact: { by, ...fact }, ordinal }) => ({
    matchId: match,
    ordinal,
    seat: by,
    personId: person.get(by) ?? null,
    ...fact,
    ...(times ? { at: times.get(fact.entry) } : {}),
  }))
  for (let i = 0; i < rows.length; i += BATCH) await within.insert(facts).values(rows.slice(i, i + BATCH))
}

/** The newest facts that a person practised, at most `limit`. */
export async function factsOf(person: string, limit: number) {
  const database = await theDatabase()
  return database
    .select({
      match: facts.matchId,
      game: matches.game,
      entry: facts.entry,
      operation: facts.operation,
      terms: facts.terms,
      answer: facts.answer,
      said: facts.said,
      right: facts.right,
      how: facts.how,
      at: facts.at,
    })
    .from(facts)
    .innerJoin(matches, eq(matches.id, facts.matchId))
    .where(eq(facts.personId, person))
    .orderBy(desc(facts.at), desc(facts.entry), desc(facts.ordinal))
    .limit(limit)
}
