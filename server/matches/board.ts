import { eq } from 'drizzle-orm'
import { drawBoard, type BoardPicture } from '#core/board'
import { matches } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { theDatabase } from '../utils/database'
import { clockOf, toldClock, type ToldClock } from './clock'
import { tell } from './live'
import { seatsOf, tapeFor } from './store'

/** Everything that a board view gets. */
export interface Board extends BoardPicture {
  readonly clock: ToldClock
}

/** The match that a board's link leads to. */
export async function matchOfBoard(token: string): Promise<string> {
  const database = await theDatabase()
  const [row] = await database.select({ id: matches.id }).from(matches).where(eq(matches.boardToken, token))
  if (!row) throw new Refusal(404, 'no-such-board', 'This link leads to no board; it may have been renewed. Ask the referee for the new one.', 'token')
  return row.id
}

/** Makes a new link; whoever follows by the old one is cut off. */
export async function renewBoard(match: string): Promise<string> {
  const board = crypto.randomUUID().replaceAll('-', '')
  const database = await theDatabase()
  const changed = await database.update(matches).set({ boardToken: board }).where(eq(matches.id, match)).returning({ id: matches.id })
  if (!changed.length) throw new Refusal(404, 'no-such-match', 'There is no such match; it may have been deleted.', 'id')
  tell({ kind: 'board', match })
  return board
}

/** What a match's board shows now. */
export async function boardOf(match: string): Promise<Board> {
  const [tape, seats, clock] = [await tapeFor(match), await seatsOf(match), await clockOf(match)]
  return { ...drawBoard(tape, seats), clock: toldClock(clock) }
}
