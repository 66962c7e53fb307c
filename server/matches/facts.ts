import { and, desc, eq, inArray, sql } from 'drizzle-orm'
import { practisedFacts, type Evidence } from '#core/kernel/facts'
import type { Line, Tape } from '#core/kernel/tape'
import { entries, facts, matches, seats, sideMembers } from '../database/schema'
import { theDatabase, type Within } from '../utils/database'
import { yieldLoop } from '../utils/yieldLoop'

const BATCH = 250

/** Keeps the facts that the newest entry practised; after a correction also those of each entry for which they changed. */
export async function keepFacts(match: string, before: Tape, tape: Tape, within: Within): Promise<void> {
  const told = (line: Line) => JSON.stringify(practisedFacts(tape.table, line))
  const changed = before.lines.flatMap((line, i) =>
    line !== tape.lines[i] && told(line) !== told(tape.lines[i]!) ? [tape.lines[i]!] : [],
  )
  const numbers = changed.map(({ number }) => number)
  for (let i = 0; i < numbers.length; i += BATCH)
    await within.delete(facts).where(and(eq(facts.matchId, match), inArray(facts.entry, numbers.slice(i, i + BATCH))))
  await insertFacts(match, tape, [...changed, ...tape.lines.slice(before.lines.length)], within)
}

/** When each entry was made: a fact put right later was still practised then. */
async function timesOf(match: string, within: Within): Promise<ReadonlyMap<number, string>> {
  const rows = await within
    .select({ number: entries.number, at: entries.at })
    .from(entries)
    .where(eq(entries.matchId, match))
  return new Map(rows.map(({ number, at }) => [number, at]))
}

export async function insertFacts(match: string, tape: Tape, lines: Tape['lines'], within: Within): Promise<void> {
  const found = lines.flatMap((line) => practisedFacts(tape.table, line).map((fact, ordinal) => ({ fact, ordinal })))
  if (!found.length) return
  const times = lines.length > 1 ? await timesOf(match, within) : null
  const rows = found.map(({ fact, ordinal }) => ({ ...fact, ordinal, at: times?.get(fact.entry) }))
  for (let i = 0; i < rows.length; i += BATCH) {
    // Who sits there is looked up as the fact is stored: an append needs no statement of its own for it.
    await within.execute(sql`
      insert into ${facts} (match_id, entry, ordinal, seat, person_id, operation, terms, answer, said, "right", how, evidence, at)
      select ${match}, (each->>'entry')::int, (each->>'ordinal')::int, ${seats.seat}, coalesce(${sideMembers.personId}, ${seats.personId}), each->>'operation', each->'terms', (each->>'answer')::bigint,
        (each->>'said')::bigint, (each->>'right')::boolean, each->>'how', each->>'evidence', coalesce((each->>'at')::timestamptz, now())
      from jsonb_array_elements(${JSON.stringify(rows.slice(i, i + BATCH))}::jsonb) as each
      join ${seats} on ${seats.matchId} = ${match} and ${seats.seat} = (each->>'by')::int
      left join ${sideMembers} on ${sideMembers.matchId} = ${match} and ${sideMembers.seat} = ${seats.seat}
        and ${sideMembers.member} = (each->>'who')::int`)
    await yieldLoop()
  }
}

/** A try at a fact, as mastery looks at it; what was not read anew yet was only met. */
export const TRY = {
  operation: facts.operation,
  terms: facts.terms,
  answer: facts.answer,
  said: facts.said,
  right: facts.right,
  how: facts.how,
  evidence: sql<Evidence>`coalesce(${facts.evidence}, 'met')`,
  at: facts.at,
} as const

/** The newest facts that a person practised, at most `limit`. */
export async function factsOf(person: string, limit: number) {
  const database = await theDatabase()
  return database
    .select({
      match: facts.matchId,
      game: matches.game,
      entry: facts.entry,
      ...TRY,
    })
    .from(facts)
    .innerJoin(matches, eq(matches.id, facts.matchId))
    .where(eq(facts.personId, person))
    .orderBy(desc(facts.at), desc(facts.entry), desc(facts.ordinal))
    .limit(limit)
}
