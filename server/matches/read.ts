import { and, asc, eq, gt } from 'drizzle-orm'
import type { Recorded, Seat, StoredMatch } from '#shared/api'
import { entries, matches, roomSessions, seats } from '../database/schema'
import { toldLink } from '../school/links'
import { theDatabase, type Within } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { toldClock, toldRoomClock } from './clockTime'

export const noSuchMatch = () =>
  new Refusal(404, 'no-such-match', 'There is no such match; it may have been deleted.', 'id')

/** The session that a match belongs to. */
export async function sessionIn(id: string): Promise<string | null> {
  const database = await theDatabase()
  const [row] = await database.select({ session: matches.sessionId }).from(matches).where(eq(matches.id, id))
  return row?.session ?? null
}

/** Refuses where there is no such match; else the number of its newest entry. */
export async function lastOf(id: string): Promise<number> {
  const database = await theDatabase()
  const [row] = await database.select({ last: matches.last }).from(matches).where(eq(matches.id, id))
  if (!row) throw noSuchMatch()
  return row.last
}

/** A stored match with its entries; refused when there is none. */
export async function loadMatch(id: string, within?: Within): Promise<StoredMatch> {
  const database = within ?? (await theDatabase())
  const [found] = await database
    .select()
    .from(matches)
    .leftJoin(roomSessions, eq(roomSessions.id, matches.sessionId))
    .where(eq(matches.id, id))
  if (!found) throw noSuchMatch()
  const { matches: row, room_sessions: session } = found
  const [seated, recorded] = await Promise.all([seatsOf(id, within), entriesAfter(id, 0, within)])
  const { game, name, houseRules, first, source, seed, opening, veiled, asked, createdAt, last, clock, boardToken } =
    row
  return {
    id,
    game,
    name,
    houseRules,
    first,
    source,
    seed: seed ?? null,
    opening: opening ?? null,
    veiled,
    asked,
    createdAt,
    last,
    clock: toldClock(clock),
    session: row.sessionId,
    room: session && !session.endedAt ? toldRoomClock(session.clock) : null,
    board: toldLink(boardToken),
    seats: seated,
    entries: recorded,
  }
}

/** Who sits at a match, by seat. */
export async function seatsOf(id: string, within?: Within): Promise<Seat[]> {
  const database = within ?? (await theDatabase())
  const rows = await database.select().from(seats).where(eq(seats.matchId, id)).orderBy(asc(seats.seat))
  return rows.map(seatFrom)
}

/** A seat as pages get it; what sides alone have is left out of a seat of one. */
export function seatFrom({ name, pennant, personId, members, memberOrder, called }: typeof seats.$inferSelect): Seat {
  return members ? { name, pennant, personId, members, memberOrder, called } : { name, pennant, personId }
}

/** An entry as pages get it. */
export const RECORDED = { number: entries.number, id: entries.clientId, entry: entries.entry, at: entries.at }

/** What was recorded in a match after entry `after`. */
export async function entriesAfter(match: string, after: number, within?: Within): Promise<Recorded[]> {
  const database = within ?? (await theDatabase())
  return database
    .select(RECORDED)
    .from(entries)
    .where(and(eq(entries.matchId, match), gt(entries.number, after)))
    .orderBy(asc(entries.number))
}
