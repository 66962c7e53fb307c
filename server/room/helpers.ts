import { createHmac } from 'node:crypto'
import { and, asc, count, eq, isNull, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { mayHelperRecord } from '#core/room/helper'
import type { Helper } from '#shared/api'
import { makePasscode } from '../access/hash'
import { sessionKey } from '../access/passcode'
import type { Guard } from '../matches/append'
import { tell } from '../matches/live'
import { lastOf } from '../matches/read'
import { helpers, matches, roomSessions } from '../database/schema'
import { toldLink } from '../school/links'
import { theDatabase, writing } from '../utils/database'
import { Refusal } from '../utils/refusal'

/** Devices that may help at one table. */
const MOST = 8
/** Hours for which a code is good at most; the end of the session comes before. */
const MOST_HOURS = 12

/**
 * A code as it is kept: hashed with this installation's key, so that a code is found without trying every one that is kept.
 * Codes are made here, not chosen: too many to be tried, even by whoever has the hash without the key.
 */
const hashOf = async (code: string) =>
  createHmac('sha256', await sessionKey())
    .update(code.trim().toLowerCase().replaceAll(/[\s-]/g, ''))
    .digest('hex')

/** A new code for one more device at a table; it is told this once. */
export async function addHelper(match: string): Promise<{ id: string; code: string }> {
  await lastOf(match)
  const code = makePasscode()
  const kept = await hashOf(code)
  const id = nanoid(12)
  await writing(async (tx) => {
    const [here] = await tx.select({ n: count() }).from(helpers).where(eq(helpers.matchId, match))
    if (here!.n >= MOST)
      throw new Refusal(409, 'too-many-helpers', `${MOST} devices help at this table; let one of them go first.`, 'id')
    await tx.insert(helpers).values({ id, matchId: match, code: kept })
  })
  return { id, code: toldLink(code) }
}

/** Who helps at a table, or was given a code for it. */
export async function listHelpers(match: string): Promise<Helper[]> {
  await lastOf(match)
  const database = await theDatabase()
  return database
    .select({ id: helpers.id, createdAt: helpers.createdAt, cameAt: helpers.cameAt })
    .from(helpers)
    .where(and(eq(helpers.matchId, match), fresh()))
    .orderBy(asc(helpers.createdAt), asc(helpers.id))
}

/** Of today, and of a session that has not ended. */
const fresh = () =>
  sql`${helpers.createdAt} > now() - make_interval(hours => ${MOST_HOURS}) and not exists (select 1 from ${matches} join ${roomSessions} on ${roomSessions.id} = ${matches.sessionId} where ${matches.id} = ${helpers.matchId} and ${roomSessions.endedAt} is not null)`

/** Lets a helper go: the device is cut off at once, and the code leads nowhere. */
export async function removeHelper(match: string, id: string): Promise<void> {
  const gone = await writing(
    (tx) =>
      tx
        .delete(helpers)
        .where(and(eq(helpers.id, id), eq(helpers.matchId, match)))
        .returning({ id: helpers.id }),
    { frees: true },
  )
  if (!gone.length) throw new Refusal(404, 'no-such-helper', 'That helper was let go already.', 'helper')
  tell({ kind: 'helpers', match })
}

/** Who a code belongs to; refused where it is no code, or one of an ended session. */
export async function helperOf(code: string): Promise<{ id: string; match: string }> {
  const database = await theDatabase()
  const [row] = await database
    .select({ id: helpers.id, match: helpers.matchId })
    .from(helpers)
    .where(and(eq(helpers.code, await hashOf(code)), fresh()))
  if (!row)
    throw new Refusal(
      403,
      'wrong-code',
      'That code opens no table; it may have ended. Ask the referee for a new one.',
      'code',
    )
  await writing((tx) =>
    tx
      .update(helpers)
      .set({ cameAt: sql`now()` })
      .where(and(eq(helpers.id, row.id), isNull(helpers.cameAt))),
  )
  return row
}

/** The match that a helper helps at now; null where they were let go. */
export async function helpsAt(id: string): Promise<string | null> {
  const database = await theDatabase()
  const [row] = await database
    .select({ match: helpers.matchId })
    .from(helpers)
    .where(and(eq(helpers.id, id), fresh()))
  return row?.match ?? null
}

/** What a helper may not put on a tape. */
export const refuseToHelper: Guard = (tape, entry) => {
  if (!mayHelperRecord(tape, entry))
    throw new Refusal(
      403,
      'referees',
      'That is the referee’s to decide. Helpers record plays and take back the newest one.',
      'entry',
    )
}
