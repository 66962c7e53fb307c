import { and, asc, gt, inArray, lte } from 'drizzle-orm'
import pLimit from 'p-limit'
import { ARCHIVE, readArchived, readArchiveFrame, type ArchiveFrame, type KeptMatch } from '#core/format/archive'
import { namedRulesProblems } from '#core/format/houseRulesFile'
import { FORMAT, VERSION } from '#core/format/matchFile'
import { membersOf, nameOf, playerOf } from '#core/contract/table'
import { gameById } from '#core/games/index'
import { entries, matches, namedRules, people, roomSessions, seats } from '../database/schema'
import { yieldLoop, inSlices } from '../utils/yieldLoop'
import { theDatabase, writing } from '../utils/database'
import { Refusal, refuseUnstorable } from '../utils/refusal'
import { usedBy } from './clockTime'
import { listNamedRules } from '../houseRules/store'
import { tell } from './live'
import { parseInThread, type Parsed } from './parseInThread'
import { PAGE, pagesOf } from './pages'
import { listPeople } from './people'
import { refusalOf, tellProblem } from './problems'
import { storeMatch } from './transfer'

/** Of archives that are taken at once one reads a page at a time: whoever plays comes between. */
const reading = pLimit(1)

/** A time as the database writes it, in ISO 8601. */
const moment = (at: string) => new Date(at).toISOString()

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
  const known = (await listPeople()).map(({ id, name, pennant, aims, classes }) => ({
    ...{ id, name, pennant },
    ...(aims.length ? { aims: [...aims] } : {}),
    ...(classes.length ? { classes: [...classes] } : {}),
  }))
  const sessions = (await database.select().from(roomSessions).orderBy(asc(roomSessions.createdAt))).map(
    ({ id, createdAt, endedAt }) => ({
      id,
      createdAt: moment(createdAt),
      endedAt: endedAt && moment(endedAt),
    }),
  )
  const before = {
    format: ARCHIVE,
    version: 1,
    madeAt: new Date().toISOString(),
    people: known,
    namedRules: await listNamedRules(),
    sessions,
  }
  // The matches follow piece by piece, in the place of the closing brace.
  yield `${JSON.stringify(before).slice(0, -1)},"matches":[`
  let first = true
  for (const page of pagesOf(all)) {
    const text = await reading(async () => {
      await yieldLoop()
      return (await archivePage(page)).map((kept) => JSON.stringify(kept)).join(',')
    })
    if (!text) continue
    yield first ? text : `,${text}`
    first = false
  }
  yield ']}'
}

type Listed = Readonly<Pick<typeof matches.$inferSelect, 'id' | 'last' | 'updatedAt'>>

/** Some matches as an archive holds them; the tape as it was recorded, nothing is judged. */
async function archivePage(page: readonly Listed[]): Promise<KeptMatch[]> {
  const database = await theDatabase()
  const ids = page.map(({ id }) => id)
  const rows = new Map(
    (await database.select().from(matches).where(inArray(matches.id, ids))).map((row) => [row.id, row]),
  )
  const seated = grouped(
    await database.select().from(seats).where(inArray(seats.matchId, ids)).orderBy(asc(seats.seat)),
  )
  const recorded = new Map<string, (typeof entries.$inferSelect)[]>(ids.map((id) => [id, []]))
  const longest = Math.max(...page.map(({ last }) => last))
  for (let from = 0; from < longest; from += PAGE) {
    const piece = and(inArray(entries.matchId, ids), gt(entries.number, from), lte(entries.number, from + PAGE))
    for (const row of await database.select().from(entries).where(piece).orderBy(asc(entries.number)))
      recorded.get(row.matchId)!.push(row)
    await yieldLoop()
  }
  const now = Date.now()
  return page.flatMap(({ id, last, updatedAt }) => {
    const row = rows.get(id)
    const kept = recorded.get(id)!.slice(0, last)
    // Deleted meanwhile, perhaps halfway through reading it.
    if (!row || !gameById(row.game) || kept.length < last) return []
    const mine = seated.get(id) ?? []
    const { game, name, houseRules, first, source, seed, opening, createdAt, clock, sessionId, veiled, asked } = row
    return [
      {
        id,
        name,
        createdAt: moment(createdAt),
        updatedAt: moment(updatedAt),
        seats: mine.map(({ pennant, personId, members, memberOrder }) => ({
          pennant,
          personId,
          ...(members ? { memberOrder } : {}),
        })),
        recorded: kept.map((entry) => ({ id: entry.clientId, at: moment(entry.at) })),
        session: sessionId,
        used: usedBy(clock, now),
        ...(veiled ? { veiled } : {}),
        ...(asked.length ? { asked: [...asked] } : {}),
        match: {
          format: FORMAT,
          version: VERSION,
          game,
          houseRules,
          players: mine.map(playerOf),
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
interface Restored {
  readonly people: number
  readonly matches: number
  /** Here already, and left as they are. */
  readonly already: number
  /** Matches that could not be restored, each with the first problem. */
  readonly left: readonly LeftOut[]
  /** How many could not be restored; `left` names the first of them only. */
  readonly leftOut: number
}

interface LeftOut {
  readonly id: string
  readonly path: string
  readonly code: string
  readonly says: string
}

/** Matches told of by name that could not be restored. */
const MOST_NAMED = 50

/**
 * Brings an archive back: what is here already (by id; people also by name) stays as it is. Each match is judged and
 * stored by itself, so that others wait for a moment only, and one that can't be read is named and keeps nobody else out.
 */
export async function restoreArchive(bytes: Buffer): Promise<Restored> {
  const parsed = await parseInThread(bytes)
  try {
    const read = readArchiveFrame(parsed.frame)
    if (!read.ok) throw refusalOf(read.problems)
    const { known, fresh } = await restorePeople(read.frame.people)
    await restoreNamedRules(read.frame.namedRules)
    await restoreSessions(read.frame)
    const database = await theDatabase()
    const already = new Set((await database.select({ id: matches.id }).from(matches)).map(({ id }) => id))
    const left: LeftOut[] = []
    let [stored, had, leftOut] = [0, 0, 0]
    for (let i = 0; i < parsed.count; i++) {
      const kept = await matchAt(parsed, i)
      const id = kept instanceof Refusal ? '' : idIn(kept)
      if (already.has(id)) had++
      else {
        const problem = kept instanceof Refusal ? leftOutFor(kept, i) : await restoreMatch(kept, i, known)
        if (!problem) {
          already.add(id)
          stored++
        } else if (leftOut++ < MOST_NAMED) left.push({ id, ...problem })
      }
      await yieldLoop()
    }
    tell({ kind: 'many', match: '' })
    return { people: fresh, matches: stored, already: had, left, leftOut }
  } finally {
    parsed.end()
  }
}

/** A match as the archive holds it, or why it can't even be looked at. */
async function matchAt(parsed: Parsed, i: number): Promise<unknown> {
  try {
    return await parsed.match(i)
  } catch (error) {
    if (error instanceof Refusal) return error
    throw error
  }
}

const leftOutFor = ({ code, says }: Refusal, i: number): Omit<LeftOut, 'id'> => ({ path: `matches.${i}`, code, says })

/** The id that something claims to be a match under, as it can be told. */
function idIn(kept: unknown): string {
  const id = typeof kept === 'object' && kept !== null && 'id' in kept ? kept.id : ''
  return typeof id === 'string' ? id.slice(0, 40) : ''
}

/** Brings people back, by id or by name; `known` leads from the archive's ids to ours. */
async function restorePeople(
  given: ArchiveFrame['people'],
): Promise<{ known: ReadonlyMap<string, string>; fresh: number }> {
  return writing(async (tx) => {
    const here = await tx.select().from(people)
    const byName = new Map(here.map(({ name, id }) => [name.toLowerCase(), id]))
    const known = new Map(here.map(({ id }) => [id, id]))
    let fresh = 0
    for (const person of given) {
      if (known.has(person.id)) continue
      refuseUnstorable(person)
      const same = byName.get(person.name.toLowerCase())
      known.set(person.id, same ?? person.id)
      if (same) continue
      byName.set(person.name.toLowerCase(), person.id)
      await tx.insert(people).values(person)
      fresh++
    }
    return { known, fresh }
  })
}

/** Brings house rules back, by id or by name; those that fit their game no more are left out. */
async function restoreNamedRules(given: ArchiveFrame['namedRules']): Promise<void> {
  const fits = given.filter(({ game, houseRules }) => namedRulesProblems(game, houseRules).length === 0)
  if (!fits.length) return
  for (const rules of fits) refuseUnstorable(rules)
  await writing((tx) => tx.insert(namedRules).values(fits).onConflictDoNothing())
}

/** Brings sessions of the room back; one that went on when the archive was made has ended by then. */
async function restoreSessions({ sessions, madeAt }: ArchiveFrame): Promise<void> {
  if (!sessions.length) return
  const ended = sessions.map((session) => ({ ...session, endedAt: session.endedAt ?? madeAt }))
  await writing((tx) => tx.insert(roomSessions).values(ended).onConflictDoNothing())
}

/** Judges and stores one match of an archive; what is wrong with it where that can't be. */
async function restoreMatch(
  json: unknown,
  i: number,
  known: ReadonlyMap<string, string>,
): Promise<Omit<LeftOut, 'id'> | null> {
  const read = await inSlices(readArchived(json, i))
  if (!read.ok) return tellProblem(read.problems[0]!)
  const { kept, file, tape } = read.match
  try {
    refuseUnstorable(file)
    const seated = kept.seats.map(({ pennant, personId, memberOrder }, at) => ({
      memberOrder,
      name: nameOf(file.players[at]!),
      members: membersOf(file.players[at]!),
      pennant,
      personId: personId ? (known.get(personId) ?? null) : null,
    }))
    const { id, name, recorded, createdAt, updatedAt, used, session, veiled, asked } = kept
    await writing((tx) =>
      storeMatch(tx, { id, name, file, tape, seated, recorded, createdAt, updatedAt, used, session, veiled, asked }),
    )
    return null
  } catch (error) {
    if (error instanceof Refusal && error.status !== 507) return leftOutFor(error, i)
    throw error
  }
}
