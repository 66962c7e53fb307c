import { asc, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { ARCHIVE, readArchiveText, type Archive } from '#core/format/archive'
import { writeCsv } from '#core/format/csv'
import { makeMatchFile, readMatchText, type MatchFile } from '#core/format/matchFile'
import { writePlainTape } from '#core/format/plainTape'
import { gameById } from '#core/games/index'
import { seatPeople } from '#core/pennants'
import type { Problem } from '#core/problem'
import type { Tape } from '#core/tape'
import { sayProblem } from '#core/wording/index'
import type { StoredMatch } from '#shared/api'
import { entries, matches, people, seats } from '../database/schema'
import { Refusal, refuseUnstorable } from '../utils/refusal'
import { theDatabase, type Within } from '../utils/database'
import { usedBy } from './clockTime'
import { insertFacts } from './facts'
import { listPeople } from './people'
import { loadMatch } from './read'
import { tellMade } from './store'
import { tapeFor } from './tapes'
import { summaryOf } from './summary'
import { tell } from './live'

/** A match on its way out of or into the application, in the public formats. */
export type Kind = 'json' | 'csv' | 'txt'

export async function exportMatch(id: string, kind: Kind): Promise<{ text: string; type: string; name: string }> {
  const [stored, tape] = [await loadMatch(id), await tapeFor(id)]
  const name = `${stored.game}-${stored.createdAt.slice(0, 10)}-${id}.${kind}`
  if (kind === 'csv')
    return {
      text: writeCsv(
        tape,
        stored.entries.map(({ at }) => at),
      ),
      type: 'text/csv; charset=utf-8',
      name,
    }
  if (kind === 'txt') return { text: writePlainTape(tape), type: 'text/plain; charset=utf-8', name }
  return { text: `${JSON.stringify(fileOf(stored, tape), null, 2)}\n`, type: 'application/json', name }
}

const fileOf = (stored: StoredMatch, tape: Tape): MatchFile => makeMatchFile(tape, stored.houseRules)

/** Judges a match file and stores it with its tape; a file with problems is refused with all of them. */
export async function importMatch(text: string): Promise<{ id: string; entries: number; slips: number; malformed: number }> {
  const read = readMatchText(text)
  if (!read.ok) throw refusalOf(read.problems)
  const { file, tape } = read
  refuseUnstorable(file)
  const seated = seatPeople(file.players, await listPeople())
  const id = nanoid(12)
  const now = new Date().toISOString()
  const database = await theDatabase()
  await database.transaction((tx) =>
    storeMatch(tx, { id, file, tape, seated, recorded: file.entries.map(() => ({ id: nanoid(16), at: now })), createdAt: now, updatedAt: now, used: 0 }),
  )
  await tellMade(id)
  const refused = tape.lines.filter(({ verdict, struck }) => !struck && !verdict.stands)
  return { id, entries: tape.lines.length, slips: refused.length, malformed: refused.filter(({ verdict }) => verdict.reason?.code === 'malformed').length }
}

/** A match with its tape on its way into the database. */
export interface Incoming {
  readonly id: string
  /** What the table is called in the room. */
  readonly name?: string
  readonly file: MatchFile
  readonly tape: Tape
  readonly seated: readonly { readonly name: string; readonly pennant: number; readonly personId: string | null }[]
  readonly recorded: readonly { readonly id: string; readonly at: string }[]
  readonly createdAt: string
  readonly updatedAt: string
  readonly used: number
}

const BATCH = 500

/** A tape may hold JSON's null, which is no entry but stays as a slip; the database would take it for a missing value. */
const jsonOf = (raw: unknown) => (raw === null ? sql`'null'::jsonb` : raw)

/** Stores a whole match: its setup, seats, tape and the facts that were practised. */
export async function storeMatch(tx: Within, { id, name = '', file, tape, seated, recorded, createdAt, updatedAt, used }: Incoming): Promise<void> {
  const { game, houseRules, first, source, seed, opening } = file
  const last = tape.lines.length
  const clock = { used, since: null }
  await tx.insert(matches).values({
    id,
    game,
    name,
    houseRules,
    first,
    source,
    seed,
    opening,
    last,
    clock,
    createdAt,
    updatedAt,
    over: tape.state.result !== null,
    summary: summaryOf(tape),
  })
  await tx.insert(seats).values(seated.map((seat, i) => ({ matchId: id, seat: i + 1, ...seat })))
  const rows = tape.lines.map((line, i) => ({ matchId: id, number: line.number, clientId: recorded[i]!.id, entry: jsonOf(line.raw), at: recorded[i]!.at }))
  for (let i = 0; i < rows.length; i += BATCH) await tx.insert(entries).values(rows.slice(i, i + BATCH))
  await insertFacts(id, tape, tape.lines, tx)
}

/** A time as the database writes it, in ISO 8601. */
const moment = (at: string) => new Date(at).toISOString()

/** Everything there is, as one archive. */
export async function makeArchive(): Promise<Archive> {
  const database = await theDatabase()
  const all = await database.select({ id: matches.id, updatedAt: matches.updatedAt }).from(matches).orderBy(asc(matches.createdAt))
  const kept: Archive['matches'] = []
  for (const { id, updatedAt } of all) {
    const stored = await loadMatch(id)
    if (!gameById(stored.game)) continue
    kept.push({
      id,
      createdAt: moment(stored.createdAt),
      updatedAt: moment(updatedAt),
      seats: stored.seats.map(({ pennant, personId }) => ({ pennant, personId })),
      recorded: stored.entries.map((entry) => ({ id: entry.id, at: moment(entry.at) })),
      used: usedBy(stored.clock, stored.clock.now),
      match: fileOf(stored, await tapeFor(id)),
    })
  }
  return {
    format: ARCHIVE,
    version: 1,
    madeAt: new Date().toISOString(),
    people: (await listPeople()).map(({ id, name, pennant }) => ({ id, name, pennant })),
    matches: kept,
  }
}

/**
 * Brings an archive back, in one transaction: what is here already (by id; people also by name) stays as it is.
 * An archive with any problem changes nothing.
 */
export async function restoreArchive(text: string): Promise<{ people: number; matches: number; already: number }> {
  const read = readArchiveText(text)
  if (!read.ok) throw refusalOf(read.problems)
  refuseUnstorable(read.archive)
  const database = await theDatabase()
  const done = await database.transaction(async (tx) => {
    const here = await tx.select().from(people)
    const byName = new Map(here.map(({ name, id }) => [name.toLowerCase(), id]))
    const known = new Map<string, string>(here.map(({ id }) => [id, id]))
    let fresh = 0
    for (const person of read.archive.people) {
      if (known.has(person.id)) continue
      const same = byName.get(person.name.toLowerCase())
      known.set(person.id, same ?? person.id)
      if (same) continue
      byName.set(person.name.toLowerCase(), person.id)
      await tx.insert(people).values(person)
      fresh++
    }
    const already = new Set((await tx.select({ id: matches.id }).from(matches)).map(({ id }) => id))
    let stored = 0
    for (const { kept, file, tape } of read.matches) {
      if (already.has(kept.id)) continue
      already.add(kept.id)
      const seated = kept.seats.map(({ pennant, personId }, i) => ({
        name: file.players[i]!,
        pennant,
        personId: personId ? (known.get(personId) ?? null) : null,
      }))
      const { id, recorded, createdAt, updatedAt, used } = kept
      await storeMatch(tx, { id, file, tape, seated, recorded, createdAt, updatedAt, used })
      stored++
    }
    return { people: fresh, matches: stored, already: read.matches.length - stored }
  })
  tell({ kind: 'many', match: '' })
  return done
}

function refusalOf(problems: readonly Problem[]): Refusal {
  const said = problems.map((found) => ({ path: found.path, code: found.code, says: sayProblem(found, gameOf(found)) }))
  const first = said[0]!
  return new Refusal(422, first.code, first.says, first.path, { problems: said })
}

const gameOf = ({ facts }: Problem) => (typeof facts.game === 'string' ? gameById(facts.game) : undefined)
