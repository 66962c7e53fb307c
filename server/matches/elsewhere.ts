import { and, asc, eq, gt } from 'drizzle-orm'
import { addEntry } from '#core/kernel/tape'
import type { Told } from '../database/listen'
import { entries, matches } from '../database/schema'
import { sessionOf } from '../room/session'
import { inRoom } from '../school/here'
import { openOnce, theDatabase } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { endStreams, endStreamsIn } from '../utils/streams'
import { isWatched } from './clock'
import { toldClock } from './clockTime'
import { isFollowed, tell, tellRoom } from './live'
import { RECORDED } from './read'
import { listedMatch } from './store'
import { forgetAllTapes, forgetTape, knownTape, rememberTape } from './tapes'

/** More changes than this that wait to be told are told as one: whoever shows a list asks for it anew. */
const MOST_WAITING = 200

/**
 * Tells the viewers of this server what other servers on the same database change. After a time without hearing them every
 * viewer is sent away: each comes back by itself, and is given what it missed.
 */
export async function hearOtherServers(): Promise<() => Promise<void>> {
  const { listen } = await openOnce()
  if (!listen) return async () => undefined
  let waiting: Told[] = []
  let telling: Promise<void> | null = null
  async function tellAll(): Promise<void> {
    for (let told = waiting.shift(); told; told = waiting.shift())
      if (waiting.length > MOST_WAITING) startAnew()
      else await inRoom(told.room, () => tellHere(told)).catch(startAnew)
  }
  /** Nothing of what is held here counts any more. */
  function startAnew(): void {
    waiting = []
    forgetAllTapes()
    endStreams()
  }
  return listen((told) => {
    waiting.push(told)
    telling ??= tellAll().finally(() => (telling = null))
  }, startAnew)
}

/** Tells one change here, with what is in the database now: several in a row may say the same of it. */
async function tellHere({ kind, about, before }: Told): Promise<void> {
  try {
    if (kind === 'access') endStreamsIn(about)
    else if (kind === 'room') tellRoom(await sessionOf(about))
    else await tellMatch(kind, about, before ?? 0)
  } catch (error) {
    // Deleted since: that is told next.
    if (!(error instanceof Refusal)) throw error
  }
}

async function tellMatch(kind: Exclude<Told['kind'], 'room' | 'access'>, match: string, before: number): Promise<void> {
  switch (kind) {
    case 'made':
    case 'renamed': {
      forgetTape(match)
      const listed = await listedMatch(match)
      if (listed) tell({ kind, match, listed })
      return
    }
    case 'removed':
      forgetTape(match)
      return tell({ kind, match })
    case 'board':
    case 'help':
    case 'helpers':
      return tell({ kind, match })
  }
  if (kind === 'recorded') return tellRecorded(match, before)
  const database = await theDatabase()
  const [row] = await database
    .select({ asked: matches.asked, clock: matches.clock })
    .from(matches)
    .where(eq(matches.id, match))
  if (!row) return
  if (kind === 'asked') tell({ kind, match, asked: row.asked })
  else tell({ kind, match, clock: toldClock(row.clock), elsewhere: true })
}

/** What others recorded; where nobody here follows the match it is read when somebody does. */
async function tellRecorded(match: string, before: number): Promise<void> {
  if (!isFollowed(match) && !isWatched(match)) return forgetTape(match)
  const database = await theDatabase()
  const rows = await database
    .select({ ...RECORDED, summary: matches.summary })
    .from(entries)
    .innerJoin(matches, eq(matches.id, entries.matchId))
    .where(and(eq(entries.matchId, match), gt(entries.number, before)))
    .orderBy(asc(entries.number))
  for (const { summary, ...recorded } of rows) {
    const tape = knownTape(match)
    if (tape?.lines.length === recorded.number - 1) rememberTape(match, addEntry(tape, recorded.entry))
    tell({ kind: 'recorded', match, recorded, summary })
  }
}
