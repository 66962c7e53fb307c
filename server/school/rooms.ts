import { asc, count, eq, isNull, max, sql } from 'drizzle-orm'
import { customAlphabet } from 'nanoid'
import type { RoomHolds, RoomMade, SchoolRoom } from '#shared/school'
import { READABLE } from '../access/hash'
import { renewPasscode } from '../access/passcode'
import { matches, namedRules, ONE_ROOM, people, rooms, roomSessions } from '../database/schema'
import { theDatabase, writing } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { endStreamsIn } from '../utils/streams'
import { enterRoom, inRoom, isSchool } from './here'

/** Letters and figures of a room's code: part of links and helpers' codes, no secret. */
const CODE_LENGTH = 6
const newCode = customAlphabet(READABLE, CODE_LENGTH)
/** Rooms that are told at once; a search finds the others. */
const MOST_LISTED = 100

/** Goes into a room for the rest of this request; false, and into none, where there is no such room or it is closed. */
export async function goInto(code: string): Promise<boolean> {
  const database = await theDatabase()
  const [row] = await database.select({ closedAt: rooms.closedAt }).from(rooms).where(eq(rooms.id, code))
  const open = row !== undefined && row.closedAt === null
  enterRoom(open ? code : null)
  return open
}

/** Does something in every room that is not closed, one after another; what fails in one hinders no other. */
export async function inEveryRoom(act: () => Promise<unknown>): Promise<void> {
  if (!isSchool()) return void (await act())
  const database = await theDatabase()
  for (const { id } of await database.select({ id: rooms.id }).from(rooms).where(isNull(rooms.closedAt)))
    await inRoom(id, act).catch((error: unknown) => console.warn(`Room ${id}:`, error))
}

/**
 * The room that every database begins with: a new school has none yet, so it goes where nothing was kept in it; where there is
 * to be one room it is there, whatever the database served before.
 */
export async function readyOneRoom(): Promise<void> {
  if (!isSchool()) {
    const database = await theDatabase()
    const there = await database.select({ id: rooms.id }).from(rooms).where(eq(rooms.id, ONE_ROOM))
    if (!there.length)
      await writing((tx) => tx.insert(rooms).values({ id: ONE_ROOM }).onConflictDoNothing(), { frees: true })
    return
  }
  const kept = await inRoom(ONE_ROOM, async () => {
    const database = await theDatabase()
    const first = await Promise.all(
      [people, matches, namedRules, roomSessions].map((table) =>
        database.select({ id: table.id }).from(table).limit(1),
      ),
    )
    return first.flat().length > 0
  })
  if (!kept) await writing((tx) => tx.delete(rooms).where(eq(rooms.id, ONE_ROOM)), { frees: true })
}

const told = (row: typeof rooms.$inferSelect): SchoolRoom => ({
  id: row.id,
  name: row.name,
  createdAt: new Date(row.createdAt).toISOString(),
  usedAt: row.usedAt && new Date(row.usedAt).toISOString(),
  closed: row.closedAt !== null,
})

/** The rooms whose name or code has `q` in it, by name, and how many there are in all. */
export async function listRooms(q: string): Promise<{ rooms: SchoolRoom[]; of: number }> {
  const database = await theDatabase()
  const like = `%${q.replace(/[\\%_]/g, '\\$&')}%`
  const found = q ? sql`${rooms.name} ilike ${like} or ${rooms.id} ilike ${like}` : undefined
  const [rows, [all]] = await Promise.all([
    database
      .select()
      .from(rooms)
      .where(found)
      .orderBy(asc(sql`lower(${rooms.name})`), asc(rooms.id))
      .limit(MOST_LISTED),
    database.select({ n: count() }).from(rooms).where(found),
  ])
  return { rooms: rows.map(told), of: all!.n }
}

/** A room; refused where there is none. */
export async function roomOf(code: string): Promise<SchoolRoom> {
  const database = await theDatabase()
  const [row] = await database.select().from(rooms).where(eq(rooms.id, code))
  if (!row) throw noSuchRoom()
  return told(row)
}

/** What a room holds: how many of each, and nobody's name. */
export const holdsOf = (code: string): Promise<RoomHolds> =>
  inRoom(code, async () => {
    const database = await theDatabase()
    const [[known], [played]] = await Promise.all([
      database.select({ n: count() }).from(people),
      database.select({ n: count(), newest: max(matches.updatedAt) }).from(matches),
    ])
    const { n, newest } = played!
    return { people: known!.n, matches: n, playedAt: newest && new Date(newest).toISOString() }
  })

/** Makes a room. Returns it with its passcode, which is told this once. */
export async function makeRoom(name: string): Promise<RoomMade> {
  const id = newCode()
  const [row] = await writing((tx) => tx.insert(rooms).values({ id, name }).returning())
  return { room: told(row!), passcode: await inRoom(id, renewPasscode) }
}

/** Renames a room, closes it or opens it again. Closed, nobody is in it any more; nothing of it is lost. */
export async function changeRoom(
  code: string,
  { name, closed }: { name?: string; closed?: boolean },
): Promise<SchoolRoom> {
  const closedAt = closed === undefined ? {} : { closedAt: closed ? sql`now()` : null }
  const changes = { ...(name === undefined ? {} : { name }), ...closedAt }
  const [row] = await writing((tx) => tx.update(rooms).set(changes).where(eq(rooms.id, code)).returning())
  if (!row) throw noSuchRoom()
  if (closed) endStreamsIn(code)
  return told(row)
}

/** A new passcode for a room, told this once; whoever is in by the old one has to give it. */
export async function renewRoomPasscode(code: string): Promise<string> {
  await roomOf(code)
  const passcode = await inRoom(code, renewPasscode)
  endStreamsIn(code)
  return passcode
}

/** Notes that somebody was let into a room now. */
export async function noteUse(code: string): Promise<void> {
  await writing(
    (tx) =>
      tx
        .update(rooms)
        .set({ usedAt: sql`now()` })
        .where(eq(rooms.id, code)),
    { frees: true },
  )
}

const noSuchRoom = () => new Refusal(404, 'no-such-room', 'There is no such room; look at the list again.', 'room')
