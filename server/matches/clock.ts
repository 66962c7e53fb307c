import { and, eq, sql } from 'drizzle-orm'
import type { ClockState, ToldClock } from '#shared/api'
import { matches } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { makeAlarm, type Alarm } from '../utils/alarm'
import { keyHere } from '../school/here'
import { theDatabase, writing } from '../utils/database'
import { toldClock, usedBy } from './clockTime'
import { followEverywhere, tell } from './live'
import { appendLast } from './append'
import { noSuchMatch } from './read'
import { tapeFor } from './tapes'

type ClockAct = 'start' | 'pause' | 'reset' | 'later' | 'back'

/** The alarms of running clocks, by match. */
const alarms = new Map<string, Alarm>()

/**
 * Starts, pauses or resets a match's clock, lets the match rest until later, or goes on with it; everybody who follows the
 * match is told.
 */
export async function setClock(match: string, act: ClockAct): Promise<ToldClock> {
  const tape = await tapeFor(match)
  if (act === 'start' && tape.state.rules.minutes === null)
    throw new Refusal(409, 'no-clock', 'This match has no clock. Give it minutes by a ruling first.', 'do')
  if ((act === 'start' || act === 'later') && tape.state.result)
    throw new Refusal(409, 'match-over', 'The match is over.', 'do')
  const now = Date.now()
  const clock = await clockOf(match)
  const runs = tape.state.rules.minutes !== null && !tape.state.timeCalled && !tape.state.result
  const next = clockAfter(clock, act, now, runs)
  await keep(match, next)
  return toldClock(next)
}

/** A clock after an act; `runs`: whether there is anything to run for. */
export function clockAfter(clock: ClockState, act: ClockAct, now: number, runs: boolean): ClockState {
  switch (act) {
    case 'reset':
      return { used: 0, since: clock.since === null ? null : now }
    case 'pause':
      return { used: usedBy(clock, now), since: null }
    case 'later':
      return clock.paused
        ? clock
        : {
            used: usedBy(clock, now),
            since: null,
            paused: { at: new Date(now).toISOString(), ran: clock.since !== null },
          }
    case 'back':
      return { used: usedBy(clock, now), since: clock.since ?? (clock.paused?.ran && runs ? now : null) }
    case 'start':
      return { used: clock.used, since: clock.since ?? now }
  }
}

/** A match's clock as it is kept. */
async function clockOf(match: string): Promise<ClockState> {
  const database = await theDatabase()
  const [row] = await database.select({ clock: matches.clock }).from(matches).where(eq(matches.id, match))
  if (!row) throw noSuchMatch()
  return row.clock
}

async function keep(match: string, clock: ClockState): Promise<void> {
  await writing((tx) => tx.update(matches).set({ clock }).where(eq(matches.id, match)))
  tell({ kind: 'clock', match, clock: toldClock(clock) })
  await arm(match, clock)
}

/** Sets the alarm of a running clock anew; a clock that stands has none. */
async function arm(match: string, clock: ClockState): Promise<void> {
  turnOff(match)
  if (clock.since === null) return
  const { rules, result, timeCalled } = (await tapeFor(match)).state
  if (result) return keep(match, { used: usedBy(clock, Date.now()), since: null })
  if (rules.minutes === null || timeCalled) return
  const { minutes } = rules
  const alarm = makeAlarm(
    () => minutes * 60_000 - usedBy(clock, Date.now()),
    () => runOut(match),
  )
  alarms.set(keyHere(match), alarm)
  await alarm.set()
}

/** Whether a clock of this match is watched here: then what bears on its time has to be heard. */
export const isWatched = (match: string): boolean => alarms.has(keyHere(match))

function turnOff(match: string): void {
  alarms.get(keyHere(match))?.off()
  alarms.delete(keyHere(match))
}

/** The clock has run out: time is called, after whatever was recorded last, and the clock stands. */
async function runOut(match: string): Promise<void> {
  alarms.delete(keyHere(match))
  await appendLast(match, 'clock', ({ state }) =>
    state.result || state.timeCalled ? null : { call: 'time', why: 'the clock ran out' },
  )
  const clock = await clockOf(match)
  await keep(match, { used: usedBy(clock, Date.now()), since: null })
}

/** Takes up the clocks of this room that ran when the server stopped. */
export async function resumeClocks(): Promise<void> {
  const database = await theDatabase()
  const running = await database
    .select({ id: matches.id, clock: matches.clock })
    .from(matches)
    .where(and(eq(matches.over, false), sql`${matches.clock}->>'since' is not null`))
  for (const { id, clock } of running) await arm(id, clock)
}

/** Follows what changes the length of clocks or ends their match, in every room. */
export function watchClocks(): void {
  followEverywhere((change) => {
    if (change.kind === 'removed') turnOff(change.match)
    // Every server watches it: whichever is there when it runs out calls, and the others find it called.
    const setElsewhere = change.kind === 'clock' && change.elsewhere
    const otherLength =
      change.kind === 'recorded' &&
      isWatched(change.match) &&
      bearsOnTime(change.recorded.entry, change.summary.result !== null)
    if (setElsewhere || otherLength)
      void clockOf(change.match)
        .then((clock) => arm(change.match, clock))
        .catch(console.error)
  })
}

function bearsOnTime(entry: unknown, over: boolean): boolean {
  return over || (typeof entry === 'object' && entry !== null && !('play' in entry && !('amend' in entry)))
}
