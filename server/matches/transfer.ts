import { eq, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { writeCsv } from '#core/format/csv'
import { makeMatchFile, readMatchTextInPieces, type MatchFile } from '#core/format/matchFile'
import { writePlainTape } from '#core/format/plainTape'
import { seatPeople } from '#core/basics/pennants'
import type { Asked } from '#core/kernel/predictions'
import type { Tape } from '#core/kernel/tape'
import { membersOf, nameOf } from '#core/contract/table'
import type { Seat, StoredMatch } from '#shared/api'
import { entries, matches, roomSessions } from '../database/schema'
import { yieldLoop, inSlices } from '../utils/yieldLoop'
import { refuseUnstorable } from '../utils/refusal'
import { writing, type Within } from '../utils/database'
import { roomZone } from '../room/zone'
import { insertFacts } from './facts'
import { listPeople } from './people'
import { refusalOf } from './problems'
import { loadMatch } from './read'
import { storeSeats } from './seats'
import { tellMade } from './store'
import { tapeFor } from './tapes'
import { summaryOf } from './summary'

/** A match on its way out of or into the application, in the public formats. */
type Kind = 'json' | 'csv' | 'txt'

export async function exportMatch(id: string, kind: Kind): Promise<{ text: string; type: string; name: string }> {
  const [stored, tape] = [await loadMatch(id), await tapeFor(id)]
  const name = `${stored.game}-${stored.createdAt.slice(0, 10)}-${id}.${kind}`
  if (kind === 'csv')
    return {
      text: writeCsv(
        tape,
        stored.entries.map(({ at }) => at),
        await roomZone(),
      ),
      type: 'text/csv; charset=utf-8',
      name,
    }
  if (kind === 'txt') return { text: writePlainTape(tape), type: 'text/plain; charset=utf-8', name }
  return { text: `${JSON.stringify(fileOf(stored, tape), null, 2)}\n`, type: 'application/json', name }
}

const fileOf = (stored: StoredMatch, tape: Tape): MatchFile => makeMatchFile(tape, stored.houseRules)

/** Judges a match file and stores it with its tape; a file with problems is refused with all of them. */
export async function importMatch(
  text: string,
): Promise<{ id: string; entries: number; slips: number; malformed: number }> {
  const read = await inSlices(readMatchTextInPieces(text))
  if (!read.ok) throw refusalOf(read.problems)
  const { file, tape } = read
  refuseUnstorable(file)
  const seated = seatPeople(file.players.map(nameOf), await listPeople()).map((seat, i) => ({
    ...seat,
    members: membersOf(file.players[i]!),
  }))
  const id = nanoid(12)
  const now = new Date().toISOString()
  await writing((tx) =>
    storeMatch(tx, {
      id,
      file,
      tape,
      seated,
      recorded: file.entries.map(() => ({ id: nanoid(16), at: now })),
      createdAt: now,
      updatedAt: now,
      used: 0,
    }),
  )
  await tellMade(id)
  const refused = tape.lines.filter(({ verdict, struck }) => !struck && !verdict.stands)
  return {
    id,
    entries: tape.lines.length,
    slips: refused.length,
    malformed: refused.filter(({ verdict }) => verdict.reason?.code === 'malformed').length,
  }
}

/** A match with its tape on its way into the database. */
interface Incoming {
  readonly id: string
  /** What the table is called in the room. */
  readonly name?: string
  readonly file: MatchFile
  readonly tape: Tape
  readonly seated: readonly Seat[]
  readonly recorded: readonly { readonly id: string; readonly at: string }[]
  readonly createdAt: string
  readonly updatedAt: string
  readonly used: number
  /** The session of the room that it belongs to; one that there is not is none. */
  readonly session?: string | null
  readonly veiled?: boolean
  readonly asked?: readonly Asked[]
}

/** Rows that are stored at once: some 20 ms. */
const BATCH = 250

/** Stores a whole match: its setup, seats, tape and the facts that were practised. */
export async function storeMatch(
  tx: Within,
  {
    id,
    name = '',
    file,
    tape,
    seated,
    recorded,
    createdAt,
    updatedAt,
    used,
    session = null,
    veiled = false,
    asked = [],
  }: Incoming,
): Promise<void> {
  const { game, houseRules, first, source, seed, opening } = file
  const last = tape.lines.length
  const clock = { used, since: null }
  const [known] =
    session === null
      ? []
      : await tx.select({ id: roomSessions.id }).from(roomSessions).where(eq(roomSessions.id, session))
  await tx.insert(matches).values({
    id,
    sessionId: known?.id ?? null,
    game,
    name,
    houseRules,
    first,
    source,
    seed,
    opening,
    veiled,
    asked,
    last,
    clock,
    createdAt,
    updatedAt,
    over: tape.state.result !== null,
    summary: summaryOf(tape),
  })
  await storeSeats(id, seated, tx)
  const rows = tape.lines.map((line, i) => ({
    number: line.number,
    id: recorded[i]!.id,
    entry: line.raw,
    at: recorded[i]!.at,
  }))
  for (let i = 0; i < rows.length; i += BATCH) {
    // One text instead of a parameter a field is read in a third of the time; `->` keeps JSON's null, which is a slip.
    await tx.execute(sql`
      insert into ${entries} (match_id, number, client_id, entry, at)
      select ${id}, (each->>'number')::int, each->>'id', each->'entry', (each->>'at')::timestamptz
      from jsonb_array_elements(${JSON.stringify(rows.slice(i, i + BATCH))}::jsonb) as each`)
    await yieldLoop()
  }
  await insertFacts(id, tape, tape.lines, tx)
}
