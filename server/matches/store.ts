import { and, asc, desc, eq, gt, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { gameById } from '#core/games/index'
import { readHouseRules } from '#core/houseRules'
import { openMatch } from '#core/match'
import { randomFor } from '#core/random'
import { addEntry, foldTape, type Tape } from '#core/tape'
import { sayProblem, sayReason, speaking } from '#core/wording/index'
import { entries, matches, seats } from '../database/schema'
import { Refusal } from '../utils/refusal'
import { theDatabase, type Within } from '../utils/database'
import { toldClock, type ToldClock } from './clock'
import { keepFacts } from './facts'
import { tell, type Recorded } from './live'
import { summaryOf } from './summary'

export interface NewSeat {
  readonly name: string
  readonly pennant: number
  readonly personId: string | null
}

export interface NewMatch {
  readonly game: string
  readonly houseRules: Record<string, unknown>
  readonly seats: readonly NewSeat[]
  readonly first: number
  readonly source: 'table' | 'dealt'
  readonly seed: string | number | null
  readonly opening: unknown
}

/** A match as a page needs it: how it was set up and everything recorded. */
export interface StoredMatch extends NewMatch {
  readonly id: string
  readonly createdAt: string
  readonly last: number
  readonly clock: ToldClock
  /** Who knows it may see this match's board. */
  readonly board: string
  readonly entries: readonly Recorded[]
}

/** Opens a match and stores it; refused with all problems of its setup. */
export async function makeMatch(given: NewMatch): Promise<string> {
  // A dealer without a seed of its own gets one, so that what it dealt can be checked.
  const seeded = given.source === 'dealt' && given.seed === null ? { ...given, seed: nanoid(10) } : given
  const setup = seeded.source === 'dealt' && seeded.opening === null ? { ...seeded, opening: dealtOpening(seeded) } : seeded
  const tape = openTape(setup)
  const database = await theDatabase()
  const id = nanoid(12)
  const { game, houseRules, first, source, seed, opening } = setup
  await database.transaction(async (tx) => {
    await tx.insert(matches).values({
      id, game, houseRules, first, source, seed, opening, summary: summaryOf(tape), over: tape.state.result !== null,
    })
    await tx.insert(seats).values(setup.seats.map((seat, i) => ({ matchId: id, seat: i + 1, ...seat })))
  })
  remember(id, tape)
  tell({ kind: 'made', match: id })
  return id
}

/** The dealer's own layout, where the game records one; null leaves what is wrong with the setup to opening it. */
function dealtOpening({ game: id, houseRules, seats: seated, seed }: NewMatch): unknown {
  const game = gameById(id)
  const read = game && readHouseRules(game, houseRules, seated.length)
  return game && read?.ok ? game.dealOpening(read.rules, seated.length, randomFor(String(seed), 'opening')) : null
}

function openTape(setup: NewMatch): Tape {
  const game = gameById(setup.game)
  if (!game) throw new Refusal(422, 'unknown-game', `There is no game “${setup.game}”.`, 'game')
  const opened = openMatch(game, { ...setup, players: setup.seats.map((seat) => seat.name) })
  if (!opened.ok) {
    const problems = opened.problems.map(({ path, code, facts }) => ({ path, code, says: sayProblem({ path, code, facts }, game) }))
    const first = problems[0]!
    throw new Refusal(422, first.code, first.says, first.path, { problems })
  }
  return foldTape(opened.table, opened.state, [])
}

/** A stored match with its entries; refused when there is none. */
export async function loadMatch(id: string, within?: Within): Promise<StoredMatch> {
  const database = within ?? (await theDatabase())
  const [row] = await database.select().from(matches).where(eq(matches.id, id))
  if (!row) throw new Refusal(404, 'no-such-match', 'There is no such match; it may have been deleted.', 'id')
  const [seated, recorded] = await Promise.all([
    seatsOf(id, within),
    entriesAfter(id, 0, within),
  ])
  const { game, houseRules, first, source, seed, opening, createdAt, last, clock, boardToken } = row
  return {
    id, game, houseRules, first, source, seed: seed ?? null, opening: opening ?? null, createdAt, last,
    clock: toldClock(clock), board: boardToken,
    seats: seated,
    entries: recorded,
  }
}

/** Who sits at a match, by seat. */
export async function seatsOf(id: string, within?: Within): Promise<NewSeat[]> {
  const database = within ?? (await theDatabase())
  return database
    .select({ name: seats.name, pennant: seats.pennant, personId: seats.personId })
    .from(seats)
    .where(eq(seats.matchId, id))
    .orderBy(asc(seats.seat))
}

/** What was recorded in a match after entry `after`. */
export async function entriesAfter(match: string, after: number, within?: Within): Promise<Recorded[]> {
  const database = within ?? (await theDatabase())
  return database
    .select({ number: entries.number, id: entries.clientId, entry: entries.entry, at: entries.at })
    .from(entries)
    .where(and(eq(entries.matchId, match), gt(entries.number, after)))
    .orderBy(asc(entries.number))
}

export interface Append {
  /** Made by the client; the same id again changes nothing and gives the same answer. */
  readonly id: string
  /** The number of the newest entry that the client knows. */
  readonly after: number
  readonly entry: unknown
}

export interface Appended {
  readonly number: number
  readonly stands: boolean
  readonly reason: string | null
  readonly recorded: Recorded
}

const queues = new Map<string, Promise<unknown>>()

/**
 * Judges an entry and appends it, in one transaction. Entries of one match go one after another. Refused: a stale
 * `after` (`stale`, with what came in between), entries that are none, corrections, rulings and calls that don't
 * stand. A play that doesn't stand is kept: it is a slip.
 */
export function appendEntry(match: string, append: Append): Promise<Appended> {
  const before = queues.get(match) ?? Promise.resolve()
  const mine = before.catch(() => {}).then(() => appendNow(match, append))
  queues.set(match, mine)
  const leave = () => {
    if (queues.get(match) === mine) queues.delete(match)
  }
  mine.then(leave, leave)
  return mine
}

async function appendNow(match: string, { id, after, entry }: Append): Promise<Appended> {
  const database = await theDatabase()
  const outcome = await database.transaction(async (tx) => {
    const [row] = await tx.select({ last: matches.last }).from(matches).where(eq(matches.id, match)).for('update')
    if (!row) throw new Refusal(404, 'no-such-match', 'There is no such match; it may have been deleted.', 'id')
    const tape = await tapeOf(match, row.last, tx)
    const known = and(eq(entries.matchId, match), eq(entries.clientId, id))
    const [same] = await tx.select().from(entries).where(known)
    if (same) return { tape, recorded: { number: same.number, id, entry: same.entry, at: same.at }, fresh: null }
    if (after !== row.last) throw await stale(match, row.last, after, tx)
    const next = addEntry(tape, entry)
    const line = next.lines.at(-1)!
    refuseUnlessKept(next)
    const [stored] = await tx
      .insert(entries)
      .values({ matchId: match, number: line.number, clientId: id, entry })
      .returning({ at: entries.at })
    const summary = summaryOf(next)
    await tx
      .update(matches)
      .set({ last: line.number, over: summary.result !== null, summary, updatedAt: sql`now()` })
      .where(eq(matches.id, match))
    await keepFacts(match, next, tx)
    return { tape: next, recorded: { number: line.number, id, entry, at: stored!.at }, fresh: summary }
  })
  // The new summary, where the entry was not recorded before.
  const { tape, recorded, fresh } = outcome
  if (fresh) {
    remember(match, tape)
    tell({ kind: 'recorded', match, recorded, summary: fresh })
  }
  // What was said of the entry when it was made: corrections that came later don't change the answer.
  const { verdict } = fresh ? tape.lines.at(-1)! : lineWhenMade(tape, recorded.number)
  return { number: recorded.number, stands: verdict.stands, reason: verdict.reason?.code ?? null, recorded }
}

function lineWhenMade(tape: Tape, number: number) {
  const raws = tape.lines.slice(0, number).map((line) => line.raw)
  return foldTape(tape.table, tape.start, raws).lines.at(-1)!
}

async function stale(match: string, last: number, after: number, within: Within): Promise<Refusal> {
  const says = 'Somebody else recorded in the meantime. Look at what came in between, then send again or drop it.'
  return new Refusal(409, 'stale', says, 'after', { last, between: await entriesAfter(match, after, within) })
}

function refuseUnlessKept(tape: Tape): void {
  const { verdict, entry } = tape.lines.at(-1)!
  const { reason } = verdict
  if (!reason || (entry.kind === 'play' && reason.code !== 'malformed')) return
  throw new Refusal(422, reason.code, sayReason(tape.table.game, reason, speaking(tape.table.players)), 'entry', { facts: reason.facts })
}

/** Tapes in memory, so that an append judges one entry and not the whole match; the oldest are let go. */
const tapes = new Map<string, Tape>()
const MOST_TAPES = 200

function remember(match: string, tape: Tape): void {
  tapes.delete(match)
  tapes.set(match, tape)
  if (tapes.size > MOST_TAPES) tapes.delete(tapes.keys().next().value!)
}

/** The tape of a match that has `last` entries; read again when another server has recorded since. */
async function tapeOf(match: string, last: number, within?: Within): Promise<Tape> {
  const known = tapes.get(match)
  if (known?.lines.length === last) return known
  const stored = await loadMatch(match, within)
  const start = openTape(stored)
  const tape = foldTape(start.table, start.state, stored.entries.map((recorded) => recorded.entry))
  remember(match, tape)
  return tape
}

/** The tape of a match as it stands now. */
export async function tapeFor(match: string): Promise<Tape> {
  const database = await theDatabase()
  const [row] = await database.select({ last: matches.last }).from(matches).where(eq(matches.id, match))
  if (!row) throw new Refusal(404, 'no-such-match', 'There is no such match; it may have been deleted.', 'id')
  return tapeOf(match, row.last)
}

/** Matches for the list, newest first; live or over, or both. */
export async function listMatches(which: 'live' | 'over' | 'all', limit: number) {
  const database = await theDatabase()
  const rows = await database
    .select()
    .from(matches)
    .where(which === 'all' ? undefined : eq(matches.over, which === 'over'))
    .orderBy(desc(matches.updatedAt), desc(matches.id))
    .limit(limit)
  if (!rows.length) return []
  const seated = await database
    .select()
    .from(seats)
    .where(sql`${seats.matchId} in ${rows.map((row) => row.id)}`)
    .orderBy(asc(seats.seat))
  return rows.map(({ id, game, houseRules, last, over, summary, clock, createdAt, updatedAt }) => ({
    id, game, houseRules, last, over, summary, clock: toldClock(clock), createdAt, updatedAt,
    seats: seated.filter((seat) => seat.matchId === id).map(({ name, pennant, personId }) => ({ name, pennant, personId })),
  }))
}

/** Deletes a match with its tape for good. */
export async function removeMatch(id: string): Promise<void> {
  const database = await theDatabase()
  const gone = await database.delete(matches).where(eq(matches.id, id)).returning({ id: matches.id })
  if (!gone.length) throw new Refusal(404, 'no-such-match', 'There is no such match; it may have been deleted.', 'id')
  tapes.delete(id)
  tell({ kind: 'removed', match: id })
}
