import { asc, eq } from 'drizzle-orm'
import { drawBoard } from '#core/board'
import type { Board } from '#shared/api'
import { matches, seats as seatsTable } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { theDatabase, writing } from '../utils/database'
import { toldClock } from './clockTime'
import { follow, tell } from './live'
import { noSuchMatch } from './read'
import { newToken } from './store'
import { tapeOf } from './tapes'

/** The match that a board's link leads to. */
export async function matchOfBoard(token: string): Promise<string> {
  const database = await theDatabase()
  const [row] = await database.select({ id: matches.id }).from(matches).where(eq(matches.boardToken, token))
  if (!row) throw new Refusal(404, 'no-such-board', 'This link leads to no board; it may have been renewed. Ask the referee for the new one.', 'token')
  return row.id
}

/** Makes a new link; whoever follows by the old one is cut off. */
export async function renewBoard(match: string): Promise<string> {
  const board = newToken()
  const changed = await writing((tx) => tx.update(matches).set({ boardToken: board }).where(eq(matches.id, match)).returning({ id: matches.id }))
  if (!changed.length) throw noSuchMatch()
  tell({ kind: 'board', match })
  return board
}

/** What a match's board shows now. */
export async function boardOf(match: string): Promise<Board> {
  const database = await theDatabase()
  // One question a picture: it is drawn after every entry of every match that somebody looks at.
  const rows = await database
    .select({ last: matches.last, clock: matches.clock, name: seatsTable.name, pennant: seatsTable.pennant, personId: seatsTable.personId })
    .from(matches)
    .innerJoin(seatsTable, eq(seatsTable.matchId, matches.id))
    .where(eq(matches.id, match))
    .orderBy(asc(seatsTable.seat))
  if (!rows.length) throw noSuchMatch()
  const { last, clock } = rows[0]!
  const seats = rows.map(({ name, pennant, personId }) => ({ name, pennant, personId }))
  const tape = await tapeOf(match, last)
  return { ...drawBoard(tape, seats), clock: toldClock(clock) }
}

/** Everybody who looks at one match's board: its picture is drawn once a change, and not once a viewer. */
interface Showing {
  readonly viewers: Map<object, { readonly token: string; readonly see: See }>
  readonly stop: () => void
  /** The picture as it was drawn last, as JSON; null before the first. */
  picture: string | null
  drawing: boolean
  again: boolean
}

/** Gets the picture as JSON, or null when this link leads to it no longer. */
type See = (picture: string | null) => void

const showings = new Map<string, Showing>()

/** Shows a match's board to one more viewer, at once and after every change; returns how to stop. */
export function followBoard(match: string, token: string, see: See): () => void {
  const showing = showings.get(match) ?? open(match)
  const viewer = {}
  showing.viewers.set(viewer, { token, see })
  if (showing.picture !== null && !showing.drawing) see(showing.picture)
  else void draw(match, showing)
  // The link may have been renewed between the question where it leads and now; nobody would tell this viewer.
  void recheck(match, showing).catch(() => undefined)
  return () => {
    showing.viewers.delete(viewer)
    if (showing.viewers.size) return
    showing.stop()
    if (showings.get(match) === showing) showings.delete(match)
  }
}

function open(match: string): Showing {
  const showing: Showing = {
    viewers: new Map(),
    stop: follow(match, (change) => {
      if (change.kind === 'board' || change.kind === 'removed') void recheck(match, showing)
      else void draw(match, showing)
    }),
    picture: null,
    drawing: false,
    again: false,
  }
  showings.set(match, showing)
  return showing
}

/** Several changes while one picture is being drawn make one more. */
async function draw(match: string, showing: Showing): Promise<void> {
  showing.again = true
  if (showing.drawing) return
  showing.drawing = true
  try {
    while (showing.again) {
      showing.again = false
      showing.picture = JSON.stringify(await boardOf(match))
      for (const { see } of [...showing.viewers.values()]) see(showing.picture)
    }
  } catch {
    for (const { see } of [...showing.viewers.values()]) see(null)
  } finally {
    showing.drawing = false
  }
}

/** The link changed hands: whoever came by the old one is sent away. */
async function recheck(match: string, showing: Showing): Promise<void> {
  const database = await theDatabase()
  const [row] = await database.select({ token: matches.boardToken }).from(matches).where(eq(matches.id, match))
  for (const { token, see } of [...showing.viewers.values()]) if (token !== row?.token) see(null)
}
