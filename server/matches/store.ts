import { and, asc, desc, eq, inArray, sql, type SQL } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { matchName } from '#core/games/titles'
import { gameById } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { mixedSeed, randomFor } from '#core/basics/random'
import type { ListedMatch, Seat, SetUp } from '#shared/api'
import type { ChangedMatch, ChangedSide } from '#shared/requests'
import { entries, facts, helpers, matches, people, seats, sideMembers } from '../database/schema'
import { theDatabase, writing, type Within } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { newToken } from '../utils/token'
import { currentSession } from '../room/session'
import { keepUndoable, rowsNow } from '../undo/keep'
import { toldClock } from './clockTime'
import { tell } from './live'
import { noSuchMatch, seatFrom, seatsOf } from './read'
import { refuseStrangers } from './people'
import { storeSeats } from './seats'
import { summaryOf } from './summary'
import { forgetTape, openTape, rememberTape, tapeFor } from './tapes'

/** Opens a match and stores it; refused with all problems of its setup. */
export async function makeMatch({
  boardOf = null,
  ...given
}: SetUp & { readonly boardOf?: string | null }): Promise<string> {
  return storeOpened(openForSetup(given), boardOf)
}

/** Stores a match that was opened for its setup. */
export async function storeOpened(
  { setup, tape }: ReturnType<typeof openForSetup>,
  boardOf: string | null,
): Promise<string> {
  const id = nanoid(12)
  const { game, name, houseRules, first, source, seed, opening, veiled } = setup
  // While a session goes on in the room, every new table belongs to it.
  const session = await currentSession()
  await writing(async (tx) => {
    await refuseStrangers(
      setup.seats.map(({ personId }) => personId),
      tx,
    )
    const boardToken = boardOf === null ? undefined : await takeBoard(tx, boardOf)
    await tx.insert(matches).values({
      id,
      sessionId: session?.id ?? null,
      game,
      name,
      boardToken,
      houseRules,
      first,
      source,
      seed,
      opening,
      veiled,
      summary: summaryOf(tape),
      over: tape.state.result !== null,
    })
    await storeSeats(id, setup.seats, tx)
    // Whoever helped at this table goes on helping.
    if (boardOf !== null) await tx.update(helpers).set({ matchId: id }).where(eq(helpers.matchId, boardOf))
  })
  rememberTape(id, tape)
  if (boardOf !== null) {
    tell({ kind: 'board', match: boardOf })
    tell({ kind: 'helpers', match: boardOf })
  }
  await tellMade(id)
  return id
}

/** A match as it would be set up, dealt for where the app is the dealer; refused with all problems of its setup. */
export function openForSetup(given: SetUp) {
  // A dealer without a seed of its own gets one, so that what it dealt can be checked.
  const seeded = given.source === 'dealt' && given.seed === null ? { ...given, seed: mixedSeed(nanoid(10)) } : given
  const setup =
    seeded.source === 'dealt' && seeded.opening === null ? { ...seeded, opening: dealtOpening(seeded) } : seeded
  return { setup, tape: openTape(setup) }
}

/** The link of a match's board, which leads to another match from now on; undefined where there is no such match. */
async function takeBoard(tx: Within, match: string): Promise<string | undefined> {
  const [row] = await tx.select({ board: matches.boardToken }).from(matches).where(eq(matches.id, match)).for('update')
  if (row) await tx.update(matches).set({ boardToken: newToken() }).where(eq(matches.id, match))
  return row?.board
}

/** Everybody who follows the room gets the new match with the news, so that nobody has to ask for the list again. */
export async function tellMade(id: string): Promise<void> {
  const listed = await listedMatch(id)
  if (listed) tell({ kind: 'made', match: id, listed })
}

/** The dealer's own layout, where the game records one; null leaves what is wrong with the setup to opening it. */
function dealtOpening({ game: id, houseRules, seats: seated, seed }: SetUp): unknown {
  const game = gameById(id)
  const read = game && readHouseRules(game, houseRules, seated.length)
  return game && read?.ok
    ? (game.dealOpening?.(read.rules, seated.length, randomFor(String(seed), 'opening')) ?? null)
    : null
}

/** Matches for the list, newest first; live or over, or both; those that come after `before` in that order. */
export async function listMatches(
  which: 'live' | 'over' | 'all',
  limit: number,
  before: Place | null = null,
  session?: string,
): Promise<{ matches: ListedMatch[]; next: string | null }> {
  const state = which === 'all' ? undefined : eq(matches.over, which === 'over')
  const of = session === undefined ? undefined : eq(matches.sessionId, session)
  const place = before && sql`(${matches.updatedAt}, ${matches.id}) < (${before.at}::timestamptz, ${before.id})`
  const listed = await listedWhere(and(state, of, place ?? undefined), limit + 1)
  const page = listed.slice(0, limit)
  const last = page.at(-1)
  return { matches: page, next: listed.length > limit && last ? `${last.updatedAt}~${last.id}` : null }
}

/** A place in the list: what comes next is older. */
export interface Place {
  readonly at: string
  readonly id: string
}

/** One match as the list shows it; undefined where there is none. */
export async function listedMatch(id: string): Promise<ListedMatch | undefined> {
  return (await listedWhere(eq(matches.id, id), 1))[0]
}

/** Matches as the list shows them, of some kind, the newest first. */
export async function listedWhere(where: SQL | undefined, limit: number): Promise<ListedMatch[]> {
  const database = await theDatabase()
  const rows = await database
    .select()
    .from(matches)
    .where(where)
    .orderBy(desc(matches.updatedAt), desc(matches.id))
    .limit(limit)
  if (!rows.length) return []
  const seated = await database
    .select()
    .from(seats)
    .where(
      inArray(
        seats.matchId,
        rows.map((row) => row.id),
      ),
    )
    .orderBy(asc(seats.seat))
  const byMatch = new Map<string, typeof seated>(rows.map(({ id }) => [id, []]))
  for (const seat of seated) byMatch.get(seat.matchId)!.push(seat)
  return rows.map(
    ({ id, sessionId, game, name, houseRules, last, over, first, veiled, summary, clock, createdAt, updatedAt }) => ({
      id,
      session: sessionId,
      game,
      name,
      houseRules,
      last,
      over,
      first,
      veiled,
      summary,
      clock: toldClock(clock),
      createdAt,
      updatedAt,
      seats: (byMatch.get(id) ?? []).map(seatFrom),
    }),
  )
}

/** Puts names right, says who of a side is next, draws the veil or lifts it. Everybody who follows is told. */
export async function changeMatch(
  id: string,
  { name, seats: named = [], sides = [], veiled, first }: ChangedMatch,
): Promise<void> {
  await writing(async (tx) => {
    const [row] = await tx.select({ last: matches.last }).from(matches).where(eq(matches.id, id)).for('update')
    if (!row) throw noSuchMatch()
    if (first !== undefined && row.last > 0)
      throw new Refusal(422, 'already-played', 'Who begins is settled: somebody has played.', 'first')
    const seated = await seatsOf(id, tx)
    const after = seated.map((seat, i) => named.find((each) => each.seat === i + 1)?.name ?? seat.name)
    const twice = after.find((each, i) => after.findIndex((other) => other.toLowerCase() === each.toLowerCase()) !== i)
    if (twice)
      throw new Refusal(
        422,
        'name-taken',
        `Two players can’t both be called ${twice}; add a letter to tell them apart.`,
        'seats',
      )
    if ([...named, ...sides].some(({ seat }) => seat > seated.length) || (first ?? 1) > seated.length)
      throw new Refusal(422, 'no-such-player', `There are ${seated.length} players.`, 'seats')
    if (name !== undefined || veiled !== undefined || first !== undefined) {
      await tx.update(matches).set({ name, veiled, first }).where(eq(matches.id, id))
      forgetTape(id)
    }
    for (const side of sides) await changeSide(id, side, seated[side.seat - 1]!, tx)
    for (const { seat, name: given } of named) {
      const where = and(eq(seats.matchId, id), eq(seats.seat, seat))
      // A side is nobody in particular, whatever it is called.
      if (seated[seat - 1]?.members) {
        await tx.update(seats).set({ name: given }).where(where)
        continue
      }
      // Somebody else's name is somebody else: what was played so far stays with the person who was meant.
      const [person] = await tx
        .select({ id: people.id })
        .from(people)
        .where(sql`lower(${people.name}) = ${given.toLowerCase()}`)
      await tx
        .update(seats)
        .set({ name: given, personId: person?.id ?? null })
        .where(where)
      await tx
        .update(facts)
        .set({ personId: person?.id ?? null })
        .where(and(eq(facts.matchId, id), eq(facts.seat, seat)))
    }
  })
  await renamed(id)
}

/** How the members of a side follow each other, and whom the referee called. */
async function changeSide(
  match: string,
  { seat, ...changes }: ChangedSide,
  { name, members }: Seat,
  tx: Within,
): Promise<void> {
  if (!members) throw new Refusal(422, 'no-side', `${name} plays alone: nobody else can be called there.`, 'sides')
  if (changes.called && changes.called.who > members.length)
    throw new Refusal(422, 'no-such-member', `${name} has ${members.length} members.`, 'sides')
  await tx
    .update(seats)
    .set(changes)
    .where(and(eq(seats.matchId, match), eq(seats.seat, seat)))
}

/** A match in which names were changed: what lists and pages hold of it is made anew, and everybody who follows is told. */
export async function renamed(id: string, { frees = false } = {}): Promise<void> {
  forgetTape(id)
  const summary = summaryOf(await tapeFor(id))
  await writing((tx) => tx.update(matches).set({ summary }).where(eq(matches.id, id)), { frees })
  const listed = await listedMatch(id)
  if (listed) tell({ kind: 'renamed', match: id, listed })
}

/** Deletes a match with its tape; for a day that can be taken back, by what this answers. */
export async function removeMatch(id: string): Promise<string> {
  const undo = await writing(
    async (tx) => {
      const [row] = await tx.select().from(matches).where(eq(matches.id, id)).for('update')
      if (!row) throw noSuchMatch()
      const its = (table: typeof seats | typeof sideMembers | typeof entries | typeof facts | typeof helpers) =>
        rowsNow(tx, table, eq(table.matchId, id))
      const kept = [
        await rowsNow(tx, matches, eq(matches.id, id)),
        await its(seats),
        await its(sideMembers),
        await its(entries),
        await its(facts),
        await its(helpers),
      ]
      const says = `${matchName(row)} was deleted`
      const act = await keepUndoable(tx, { kind: 'match', says, kept })
      await tx.delete(matches).where(eq(matches.id, id))
      return act
    },
    { frees: true },
  )
  forgetTape(id)
  tell({ kind: 'removed', match: id })
  return undo
}
