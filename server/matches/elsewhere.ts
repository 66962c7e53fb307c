import { eq } from 'drizzle-orm'
import { addEntry } from '#core/kernel/tape'
import type { Told } from '../database/listen'
import { matches } from '../database/schema'
import { sessionOf } from '../room/session'
import { inRoom } from '../school/here'
import { openOnce, theDatabase } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { endStreams } from '../utils/streams'
import { toldClock } from './clockTime'
import { tell, tellRoom } from './live'
import { entriesAfter } from './read'
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
    if (kind === 'room') tellRoom(await sessionOf(about))
    else await tellMatch(kind, about, before ?? 0)
  } catch (error) {
    // Deleted since: that is told next.
    if (!(error instanceof Refusal)) throw error
  }
}

async function tellMatch(kind: Exclude<Told['kind'], 'room'>, match: string, before: number): Promise<void> {
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
  const database = await theDatabase()
  const [row] = await database
    .select({ asked: matches.asked, clock: matches.clock, summary: matches.summary })
    .from(matches)
    .where(eq(matches.id, match))
  if (!row) return
  if (kind === 'asked') return tell({ kind, match, asked: row.asked })
  if (kind === 'clock') return tell({ kind, match, clock: toldClock(row.clock), elsewhere: true })
  for (const recorded of await entriesAfter(match, before)) {
    const tape = knownTape(match)
    if (tape?.lines.length === recorded.number - 1) rememberTape(match, addEntry(tape, recorded.entry))
    tell({ kind, match, recorded, summary: row.summary })
  }
}
