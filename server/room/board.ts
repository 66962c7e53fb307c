import { eq } from 'drizzle-orm'
import { aboutOf } from '#core/games/abouts'
import { matchName, matchTitle } from '#core/games/titles'
import type { ListedMatch, RoomBoard, RoomBoardTable } from '#shared/api'
import { follow, followRoom } from '../matches/live'
import { makeShowings } from '../matches/showings'
import { roomSessions } from '../database/schema'
import { theDatabase } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { sessionOf } from './session'
import { tablesOf } from './tables'

/** Tables that the board of a room shows where not more of them play: then the newest that are over. */
const MOST = 24

/** The session that a link to the board of the room leads to. */
export async function sessionOfBoard(token: string): Promise<string> {
  const database = await theDatabase()
  const [row] = await database
    .select({ id: roomSessions.id })
    .from(roomSessions)
    .where(eq(roomSessions.boardToken, token))
  if (!row)
    throw new Refusal(
      404,
      'no-such-board',
      'This link leads to no board; it may have been renewed. Ask the referee for the new one.',
      'token',
    )
  return row.id
}

/**
 * What the board of the room shows now: of each table the newest match alone, in the order in which tables were first
 * set up. Nothing of what lies there or was answered.
 */
export async function roomBoardOf(id: string): Promise<RoomBoard> {
  const session = await sessionOf(id)
  const tables = await tablesOf(id)
  // Every table that plays is there; of those that are over the newest, where there is room.
  const room = MOST - tables.filter(({ over }) => !over).length
  const ended = tables.filter(({ over }) => over).slice(room > 0 ? -room : Infinity)
  const shown = tables.filter((match) => !match.over || ended.includes(match))
  return { tables: shown.map(tableOf), clock: session.clock, ended: session.endedAt !== null }
}

function tableOf({ id, game, houseRules, name, seats, summary, over }: ListedMatch): RoomBoardTable {
  const title = matchTitle({ game, houseRules })
  return {
    id,
    name: matchName({ name, game, houseRules }),
    title,
    round: summary.round,
    seats: seats.map((seat, i) => ({
      name: seat.name,
      pennant: seat.pennant,
      score: summary.standing[i] ?? 0,
      won: summary.result?.winners.includes(i + 1) ?? false,
      turn: !over && aboutOf(game)?.turns === true && (summary.awaits?.seats.includes(i + 1) ?? false),
    })),
    needs: !over && summary.slip,
    timeCalled: summary.timeCalled && !over,
    over,
    says: over ? summary.line : '',
  }
}

/** Everybody who looks at the board of a room. */
export const roomShowings = makeShowings({
  draw: async (id) => JSON.stringify(await roomBoardOf(id)),
  tokenOf: async (id) => {
    const database = await theDatabase()
    const [row] = await database
      .select({ token: roomSessions.boardToken })
      .from(roomSessions)
      .where(eq(roomSessions.id, id))
    return row?.token
  },
  follow: (id, changed) => {
    const stops = [
      followRoom((session) => {
        if (session.id !== id) return
        changed('link')
        changed('picture')
      }),
      // Which session a match belongs to isn't told with its changes; one picture more for a table elsewhere costs little.
      follow(null, ({ kind }) => {
        if (kind !== 'clock' && kind !== 'board' && kind !== 'helpers') changed('picture')
      }),
    ]
    return () => stops.forEach((stop) => stop())
  },
})
