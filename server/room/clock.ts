import { and, eq, isNull, sql } from 'drizzle-orm'
import type { Tape } from '#core/kernel/tape'
import type { RoomClockState, RoomSession } from '#shared/api'
import type { RoomClockAct } from '#shared/requests'
import { appendLast } from '../matches/append'
import { usedBy } from '../matches/clockTime'
import { followRooms, tellRoom } from '../matches/live'
import { matches, roomSessions } from '../database/schema'
import { roomHere } from '../school/here'
import { theDatabase, writing } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { makeAlarm, type Alarm } from '../utils/alarm'
import { yieldLoop } from '../utils/yieldLoop'
import { tablesOf } from './tables'
import { goingOn, toldSession } from './session'

const MINUTE = 60_000
/** What is said with the call of time that the room's clock makes; by it such a call is known again. */
const WHY = 'the room’s clock ran out'

/** The one clock of a room: the session that it belongs to, and the alarm that watches it while it runs. */
interface Watch {
  session: RoomSession | null
  readonly alarm: Alarm
  /** Acts go one after another here; one that another server came before begins anew with the clock as it is then. */
  queue: Promise<unknown>
}
const watches = new Map<string, Watch>()

/** The watch of this room; made in it, so that its alarm rings in it too. */
function watchHere(): Watch {
  const known = watches.get(roomHere())
  if (known) return known
  const watch: Watch = {
    session: null,
    alarm: makeAlarm(
      () => (watch.session ? leftOf(watch.session) : null),
      async () => {
        const { id } = watch.session!
        await inTurn(() => runOut(id))
      },
    ),
    queue: Promise.resolve(),
  }
  watches.set(roomHere(), watch)
  return watch
}

function inTurn<T>(act: () => Promise<T>): Promise<T> {
  const watch = watchHere()
  const mine = watch.queue.catch(() => {}).then(act)
  watch.queue = mine
  return mine
}

/**
 * Sets, starts, pauses or lengthens the clock of the whole room; everybody who follows is told. Given more time after
 * it ran out, tables that still play go on: the room's call of time is taken back there.
 */
export function setRoomClock(id: string, act: RoomClockAct): Promise<RoomSession> {
  return inTurn(() => actOn(id, act))
}

async function actOn(id: string, act: RoomClockAct): Promise<RoomSession> {
  for (;;) {
    const { clock } = await goingOn(id)
    const now = Date.now()
    if ((act.do === 'start' || act.do === 'more') && clock.minutes === null)
      throw new Refusal(409, 'no-clock', 'Give the room’s clock its minutes first.', 'do')
    if (act.do === 'start' && clock.called)
      throw new Refusal(409, 'time-called', 'Time was called. Give the room more minutes, or set the clock anew.', 'do')
    if (act.do === 'set' || act.do === 'more') await takeBackTime(id, clock, act.do === 'more')
    const kept = await keep(id, clock, changed(clock, act, now))
    if (kept) return kept
  }
}

/** The clock after an act. */
function changed({ minutes, used, since, called }: RoomClockState, act: RoomClockAct, now: number): RoomClockState {
  switch (act.do) {
    case 'set':
      return { minutes: act.minutes, used: 0, since: null, called: false }
    case 'more':
      // After it ran out the added minutes begin at once.
      return { minutes: minutes! + act.minutes, used, since: called ? now : since, called: false }
    case 'start':
      return { minutes, used, since: since ?? now, called }
    case 'pause':
      return { minutes, used: usedBy({ used, since }, now), since: null, called }
  }
}

/** A clock as it is kept, without what only its telling adds. */
const stateOf = ({ minutes, used, since, called }: RoomClockState): RoomClockState => ({ minutes, used, since, called })

/** Keeps the clock of a session, in place of what was read; null where that is no more what is there. */
async function keep(id: string, read: RoomClockState, clock: RoomClockState): Promise<RoomSession | null> {
  const unchanged = sql`${roomSessions.clock} @> ${JSON.stringify(stateOf(read))}::jsonb`
  const [row] = await writing((tx) =>
    tx
      .update(roomSessions)
      .set({ clock: stateOf(clock) })
      .where(and(eq(roomSessions.id, id), unchanged))
      .returning(),
  )
  if (!row) return null
  const session = toldSession(row)
  tellRoom(session)
  return session
}

/** Sets the alarm of a running clock anew; one that stands has none. */
function arm(session: RoomSession): void {
  const watch = watchHere()
  watch.session = session
  void watch.alarm.set().catch(console.error)
}

/** Milliseconds until the clock of a session runs out; null where it doesn't run. */
function leftOf({ endedAt, clock }: RoomSession): number | null {
  if (endedAt || clock.since === null || clock.minutes === null || clock.called) return null
  return clock.minutes * MINUTE - usedBy(clock, Date.now())
}

/** The room's clock has run out: time is called at every table that still plays, and each finishes its round. */
async function runOut(id: string): Promise<void> {
  const session = await goingOn(id).catch(() => null)
  const left = session && leftOf(session)
  // It was paused, or given more time, in the last moment.
  if (!session || left === null) return
  if (left > 0) return arm(session)
  const { clock } = session
  // Another server may have said so in the same moment; whoever comes second finds time called at each table.
  await keep(id, clock, { ...clock, used: clock.minutes! * MINUTE, since: null, called: true })
  for (const match of await playing(id)) {
    await appendLast(match, 'room', ({ state }) =>
      state.result || state.timeCalled ? null : { call: 'time', why: WHY },
    ).catch(console.error)
    await yieldLoop()
  }
}

/**
 * Takes the room's call of time back where it still waits for the end of a round, and where it has ended the match, if it is
 * to be reopened: a clock set anew is for what comes next. A table that has begun its next match is left with it.
 */
async function takeBackTime(id: string, { called }: RoomClockState, reopen: boolean): Promise<void> {
  if (!called) return
  for (const { id: match } of await tablesOf(id)) {
    await appendLast(match, 'room', (tape) => {
      const line = calledIn(tape)
      return line && (reopen || !tape.state.result) ? { strike: line.number, why: 'more time for the room' } : null
    }).catch(console.error)
    await yieldLoop()
  }
}

/** The room's own call of time that is in force at a table. */
const calledIn = ({ lines }: Tape) =>
  lines.findLast(
    ({ struck, raw }) =>
      !struck &&
      (raw as { call?: unknown; why?: unknown } | null)?.call === 'time' &&
      (raw as { why?: unknown }).why === WHY,
  )

/** Matches of a session that are not over. */
async function playing(session: string): Promise<string[]> {
  const database = await theDatabase()
  const rows = await database
    .select({ id: matches.id })
    .from(matches)
    .where(and(eq(matches.sessionId, session), eq(matches.over, false)))
  return rows.map(({ id }) => id)
}

/** Follows what changes the clock of a room, in every room. */
export const watchRoomClocks = (): void => void followRooms(arm)

/** Takes up the clock of this room that ran when the server stopped. */
export async function resumeRoomClock(): Promise<void> {
  const database = await theDatabase()
  const [row] = await database.select().from(roomSessions).where(isNull(roomSessions.endedAt)).limit(1)
  if (row) arm(toldSession(row))
}
