import { and, count, desc, eq, inArray, isNotNull, isNull, lt, ne, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { PastSession, RoomSession } from '#shared/api'
import { toldRoomClock, usedBy } from '../matches/clockTime'
import { tell, tellRoom } from '../matches/live'
import { helpers, matches, roomSessions } from '../database/schema'
import { toldLink } from '../school/links'
import { theDatabase, writing } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { newToken } from '../utils/token'

/** Hours after which a session that nobody ended is over: the next one is another day's. */
const MOST_HOURS = 12
/** Milliseconds in which an end can be taken back. */
const REGRET_MS = 3_600_000
/** Earlier sessions that are listed. */
const MOST_LISTED = 30

type Row = typeof roomSessions.$inferSelect

export const toldSession = ({ id, createdAt, endedAt, boardToken, clock }: Row): RoomSession => ({
  id,
  createdAt: new Date(createdAt).toISOString(),
  endedAt: endedAt && new Date(endedAt).toISOString(),
  board: toldLink(boardToken),
  clock: toldRoomClock(clock),
})

/** The session that goes on in the room; null where there is none. One that was forgotten is ended by asking. */
export async function currentSession(): Promise<RoomSession | null> {
  const database = await theDatabase()
  const [row] = await database
    .select()
    .from(roomSessions)
    .where(isNull(roomSessions.endedAt))
    .orderBy(desc(roomSessions.createdAt))
    .limit(1)
  if (!row) return null
  if (Date.now() - Date.parse(row.createdAt) < MOST_HOURS * 3_600_000) return toldSession(row)
  await endSession(row.id)
  return null
}

/** A session, going on or ended; refused where there is none. */
export async function sessionOf(id: string): Promise<RoomSession> {
  const database = await theDatabase()
  const [row] = await database.select().from(roomSessions).where(eq(roomSessions.id, id))
  if (!row) throw noSuchSession()
  return toldSession(row)
}

/** Sessions that have ended, the newest first, each with how many matches it had. */
export async function endedSessions(): Promise<PastSession[]> {
  const database = await theDatabase()
  const rows = await database
    .select({
      id: roomSessions.id,
      createdAt: roomSessions.createdAt,
      endedAt: roomSessions.endedAt,
      matches: count(matches.id),
    })
    .from(roomSessions)
    .leftJoin(matches, eq(matches.sessionId, roomSessions.id))
    .where(isNotNull(roomSessions.endedAt))
    .groupBy(roomSessions.room, roomSessions.id)
    .orderBy(desc(roomSessions.createdAt))
    .limit(MOST_LISTED)
  return rows.map((row) => ({
    ...row,
    createdAt: new Date(row.createdAt).toISOString(),
    endedAt: new Date(row.endedAt!).toISOString(),
  }))
}

/** A session that goes on; refused where it has ended. */
export async function goingOn(id: string): Promise<RoomSession> {
  const session = await sessionOf(id)
  if (session.endedAt)
    throw new Refusal(409, 'session-over', 'This session has ended. Seat the room to begin another one.', 'id')
  return session
}

const noSuchSession = () =>
  new Refusal(404, 'no-such-session', 'There is no such session; it may have been deleted.', 'id')

/** The lock of whoever begins one; any number that nothing else on the database locks by. */
const ONE_SESSION = 720_221_127

/** The session that goes on, begun where there is none; two who begin at once, at different servers too, begin the same. */
export async function openSession(): Promise<string> {
  const now = await currentSession()
  if (now) return now.id
  const { row, begun } = await writing(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(${ONE_SESSION})`)
    const [going] = await tx.select().from(roomSessions).where(isNull(roomSessions.endedAt)).limit(1)
    if (going) return { row: going, begun: false }
    const [made] = await tx
      .insert(roomSessions)
      .values({ id: nanoid(12) })
      .returning()
    return { row: made!, begun: true }
  })
  if (begun) tellRoom(toldSession(row))
  return row.id
}

/**
 * Ends a session: its clock stands, whoever helped at its tables may record no more; its matches stay as they are. For an
 * hour it can be taken back, with the helpers; those of ends that are final are let go.
 */
export async function endSession(id: string): Promise<RoomSession> {
  const { row, helped } = await writing(
    async (tx) => {
      const [before] = await tx.select().from(roomSessions).where(eq(roomSessions.id, id)).for('update')
      if (!before) throw noSuchSession()
      if (before.endedAt) return { row: before, helped: [] }
      const clock = { ...before.clock, used: usedBy(before.clock, Date.now()), since: null }
      const [after] = await tx
        .update(roomSessions)
        .set({ clock, endedAt: new Date().toISOString() })
        .where(eq(roomSessions.id, id))
        .returning()
      const final = lt(roomSessions.endedAt, new Date(Date.now() - REGRET_MS).toISOString())
      const past = tx
        .select({ id: matches.id })
        .from(matches)
        .innerJoin(roomSessions, eq(roomSessions.id, matches.sessionId))
        .where(final)
      await tx.delete(helpers).where(inArray(helpers.matchId, past))
      const its = tx.select({ id: matches.id }).from(matches).where(eq(matches.sessionId, id))
      const now = await tx.select({ match: helpers.matchId }).from(helpers).where(inArray(helpers.matchId, its))
      return { row: after!, helped: now.map(({ match }) => match) }
    },
    { frees: true },
  )
  const ended = toldSession(row)
  tellRoom(ended)
  for (const match of new Set(helped)) tell({ kind: 'helpers', match })
  return ended
}

/** Takes the end of a session back, within an hour and while no other one goes on. Its clock stands until it is started. */
export async function resumeSession(id: string): Promise<RoomSession> {
  const row = await writing(async (tx) => {
    const [before] = await tx.select().from(roomSessions).where(eq(roomSessions.id, id)).for('update')
    if (!before) throw noSuchSession()
    if (!before.endedAt) return before
    if (Date.now() - Date.parse(before.endedAt) > REGRET_MS)
      throw new Refusal(409, 'too-late', 'It ended more than an hour ago. Seat the same tables again instead.', 'id')
    const [other] = await tx
      .select({ id: roomSessions.id })
      .from(roomSessions)
      .where(and(isNull(roomSessions.endedAt), ne(roomSessions.id, id)))
      .limit(1)
    if (other) throw new Refusal(409, 'session-goes-on', 'Another session goes on; end that one first.', 'id')
    const [after] = await tx.update(roomSessions).set({ endedAt: null }).where(eq(roomSessions.id, id)).returning()
    return after!
  })
  const session = toldSession(row)
  tellRoom(session)
  return session
}

/** Makes a new link to the board of the room; whoever follows by the old one is cut off. */
export async function renewRoomBoard(id: string): Promise<RoomSession> {
  await goingOn(id)
  const [row] = await writing((tx) =>
    tx.update(roomSessions).set({ boardToken: newToken() }).where(eq(roomSessions.id, id)).returning(),
  )
  if (!row) throw noSuchSession()
  const session = toldSession(row)
  tellRoom(session)
  return session
}
