import { asc, inArray, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { ARCHIVE, readArchived, readArchiveFrame, type Archive } from '#core/format/archive'
import { writeCsv } from '#core/format/csv'
import { FORMAT, makeMatchFile, readMatchText, VERSION, type MatchFile } from '#core/format/matchFile'
import { writePlainTape } from '#core/format/plainTape'
import { gameById } from '#core/games/index'
import { seatPeople } from '#core/pennants'
import type { Tape } from '#core/tape'
import type { StoredMatch } from '#shared/api'
import { entries, matches, people, seats } from '../database/schema'
import { Refusal, refuseUnstorable } from '../utils/refusal'
import { flushed, refuseWithoutRoom, theDatabase, type Within } from '../utils/database'
import { usedBy } from './clockTime'
import { insertFacts } from './facts'
import { listPeople } from './people'
import { refusalOf, tellProblem } from './problems'
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
  await refuseWithoutRoom()
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
  await flushed()
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

const BATCH = 250

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
  for (let i = 0; i < rows.length; i += BATCH) {
    await tx.insert(entries).values(rows.slice(i, i + BATCH))
    await breathe()
  }
  await insertFacts(id, tape, tape.lines, tx)
}

/** Lets others have their turn: PGlite answers without ever leaving this thread to them. */
const breathe = () => new Promise(setImmediate)

/** A time as the database writes it, in ISO 8601. */
const moment = (at: string) => new Date(at).toISOString()

/** Matches read at once for an archive; between two pages others get their turn. */
const PAGE = 25

/**
 * Everything there is, as the text of one archive, piece by piece. It is of one moment: matches made since are left
 * out, and of each match what was recorded by then; a match deleted meanwhile is left out.
 */
export async function* archiveText(): AsyncGenerator<string> {
  const database = await theDatabase()
  const all = await database
    .select({ id: matches.id, last: matches.last, updatedAt: matches.updatedAt })
    .from(matches)
    .orderBy(asc(matches.createdAt), asc(matches.id))
  const known = (await listPeople()).map(({ id, name, pennant }) => ({ id, name, pennant }))
  yield `{"format":${JSON.stringify(ARCHIVE)},"version":1,"madeAt":${JSON.stringify(new Date().toISOString())},"people":${JSON.stringify(known)},"matches":[`
  let first = true
  for (let at = 0; at < all.length; at += PAGE) {
    const page = all.slice(at, at + PAGE)
    let text = ''
    for (const kept of await archivePage(page)) {
      text += (first ? '' : ',') + JSON.stringify(kept)
      first = false
    }
    yield text
    await breathe()
  }
  yield ']}'
}

/** Some matches as an archive holds them, read in three statements; the tape as it was recorded, nothing is judged. */
async function archivePage(page: readonly { id: string; last: number; updatedAt: string }[]): Promise<Archive['matches']> {
  const database = await theDatabase()
  const ids = page.map(({ id }) => id)
  const rows = new Map((await database.select().from(matches).where(inArray(matches.id, ids))).map((row) => [row.id, row]))
  const seated = grouped(await database.select().from(seats).where(inArray(seats.matchId, ids)).orderBy(asc(seats.seat)))
  const recorded = grouped(await database.select().from(entries).where(inArray(entries.matchId, ids)).orderBy(asc(entries.number)))
  const now = Date.now()
  return page.flatMap(({ id, last, updatedAt }) => {
    const row = rows.get(id)
    if (!row || !gameById(row.game)) return []
    const mine = seated.get(id) ?? []
    const kept = (recorded.get(id) ?? []).slice(0, last)
    const { game, name, houseRules, first, source, seed, opening, createdAt, clock } = row
    return [
      {
        id,
        name,
        createdAt: moment(createdAt),
        updatedAt: moment(updatedAt),
        seats: mine.map(({ pennant, personId }) => ({ pennant, personId })),
        recorded: kept.map((entry) => ({ id: entry.clientId, at: moment(entry.at) })),
        used: usedBy(clock, now),
        match: {
          format: FORMAT,
          version: VERSION,
          game,
          houseRules,
          players: mine.map((seat) => seat.name),
          first,
          source,
          seed: seed ?? null,
          opening: opening ?? null,
          entries: kept.map(({ entry }) => entry),
        },
      },
    ]
  })
}

function grouped<T extends { readonly matchId: string }>(rows: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const row of rows) {
    const group = groups.get(row.matchId)
    if (group) group.push(row)
    else groups.set(row.matchId, [row])
  }
  return groups
}

/** What restoring came to. */
export interface Restored {
  readonly people: number
  readonly matches: number
  /** Here already, and left as they are. */
  readonly already: number
  /** Matches that could not be restored, each with the first problem. */
  readonly left: readonly { readonly id: string; readonly path: string; readonly code: string; readonly says: string }[]
}

/**
 * Brings an archive back: what is here already (by id; people also by name) stays as it is. Each match is judged and
 * stored by itself, so that others wait for a moment only, and one that can't be read is named and keeps nobody else out.
 */
export async function restoreArchive(text: string): Promise<Restored> {
  await refuseWithoutRoom()
  const read = readArchiveFrame(text)
  if (!read.ok) throw refusalOf(read.problems)
  const { archive } = read
  const database = await theDatabase()
  const known = new Map<string, string>()
  let fresh = 0
  await database.transaction(async (tx) => {
    const here = await tx.select().from(people)
    const byName = new Map(here.map(({ name, id }) => [name.toLowerCase(), id]))
    for (const { id } of here) known.set(id, id)
    for (const person of archive.people) {
      if (known.has(person.id)) continue
      refuseUnstorable(person)
      const same = byName.get(person.name.toLowerCase())
      known.set(person.id, same ?? person.id)
      if (same) continue
      byName.set(person.name.toLowerCase(), person.id)
      await tx.insert(people).values(person)
      fresh++
    }
  })
  const already = new Set((await database.select({ id: matches.id }).from(matches)).map(({ id }) => id))
  const left: Restored['left'][number][] = []
  let stored = 0
  let had = 0
  for (const [i, kept] of archive.matches.entries()) {
    if (already.has(kept.id)) {
      had++
      continue
    }
    already.add(kept.id)
    const problem = await restoreMatch(kept, i, known)
    if (problem) left.push(problem)
    else stored++
    await breathe()
  }
  await flushed()
  tell({ kind: 'many', match: '' })
  return { people: fresh, matches: stored, already: had, left }
}

/** Judges and stores one match of an archive; what is wrong with it where that can't be. */
async function restoreMatch(kept: Archive['matches'][number], i: number, known: ReadonlyMap<string, string>): Promise<Restored['left'][number] | null> {
  const read = readArchived(kept, i)
  if (!read.ok) return { id: kept.id, ...tellProblem(read.problems[0]!) }
  const { file, tape } = read.match
  try {
    refuseUnstorable(file)
    const seated = kept.seats.map(({ pennant, personId }, at) => ({
      name: file.players[at]!,
      pennant,
      personId: personId ? (known.get(personId) ?? null) : null,
    }))
    const { id, name, recorded, createdAt, updatedAt, used } = kept
    const database = await theDatabase()
    await database.transaction((tx) => storeMatch(tx, { id, name, file, tape, seated, recorded, createdAt, updatedAt, used }))
    return null
  } catch (error) {
    if (error instanceof Refusal) return { id: kept.id, path: `matches.${i}`, code: error.code, says: error.says }
    throw error
  }
}
