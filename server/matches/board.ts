import { asc, eq } from 'drizzle-orm'
import { drawBoard } from '#core/board/board'
import { askedNow } from '#core/kernel/predictions'
import type { Board } from '#shared/api'
import { matches, seats as seatsTable } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { toldLink } from '../school/links'
import { theDatabase, writing } from '../utils/database'
import { newToken } from '../utils/token'
import { toldClock } from './clockTime'
import { follow, tell } from './live'
import { noSuchMatch } from './read'
import { makeShowings } from './showings'
import { tapeOf } from './tapes'

/** The match that a board's link leads to. */
export async function matchOfBoard(token: string): Promise<string> {
  const database = await theDatabase()
  const [row] = await database.select({ id: matches.id }).from(matches).where(eq(matches.boardToken, token))
  if (!row)
    throw new Refusal(
      404,
      'no-such-board',
      'This link leads to no board; it may have been renewed. Ask the referee for the new one.',
      'token',
    )
  return row.id
}

/** Makes a new link, as it is given away; whoever follows by the old one is cut off. */
export async function renewBoard(match: string): Promise<string> {
  const board = newToken()
  const changed = await writing((tx) =>
    tx.update(matches).set({ boardToken: board }).where(eq(matches.id, match)).returning({ id: matches.id }),
  )
  if (!changed.length) throw noSuchMatch()
  tell({ kind: 'board', match })
  return toldLink(board)
}

/** What a match's board shows now. */
export async function boardOf(match: string): Promise<Board> {
  const database = await theDatabase()
  // One question a picture: it is drawn after every entry of every match that somebody looks at.
  const rows = await database
    .select({
      last: matches.last,
      clock: matches.clock,
      veiled: matches.veiled,
      asked: matches.asked,
      help: matches.help,
      seat: seatsTable,
    })
    .from(matches)
    .innerJoin(seatsTable, eq(seatsTable.matchId, matches.id))
    .where(eq(matches.id, match))
    .orderBy(asc(seatsTable.seat))
  if (!rows.length) throw noSuchMatch()
  const { last, clock, veiled, asked, help } = rows[0]!
  const tape = await tapeOf(match, last)
  const picture = drawBoard(
    tape,
    rows.map(({ seat }) => seat),
    match,
    veiled,
  )
  return {
    ...picture,
    // Once somebody has played on, nobody works on it any more.
    help: help?.after === last ? help : null,
    asked: askedNow(tape, asked),
    clock: toldClock(clock),
  }
}

/** Everybody who looks at the board of a match. */
export const boardShowings = makeShowings({
  draw: async (match) => JSON.stringify(await boardOf(match)),
  tokenOf: async (match) => {
    const database = await theDatabase()
    const [row] = await database.select({ token: matches.boardToken }).from(matches).where(eq(matches.id, match))
    return row?.token
  },
  follow: (match, changed) =>
    follow(match, ({ kind }) => {
      if (kind !== 'helpers') changed(kind === 'board' || kind === 'removed' ? 'link' : 'picture')
    }),
})
