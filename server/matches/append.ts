import { and, eq, sql } from 'drizzle-orm'
import { MOST_ENTRIES } from '#core/format/matchFile'
import { addEntry, foldTape, type Tape } from '#core/kernel/tape'
import { sayReason, speaking } from '#core/wording/index'
import type { Appended } from '#shared/api'
import { entries, matches } from '../database/schema'
import { keyHere } from '../school/here'
import { writing, type Within } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { keepFacts } from './facts'
import { tell } from './live'
import { entriesAfter, noSuchMatch } from './read'
import { summaryOf } from './summary'
import { rememberTape, tapeFor, tapeOf } from './tapes'

interface Append {
  /** Made by the client; the same id again changes nothing and gives the same answer. */
  readonly id: string
  /** The number of the newest entry that the client knows. */
  readonly after: number
  readonly entry: unknown
}

/** Refuses, by throwing, what whoever sends it may not record. */
export type Guard = (tape: Tape, entry: unknown) => void

const queues = new Map<string, Promise<unknown>>()

/**
 * Judges an entry and appends it, in one transaction. Entries of one match go one after another. Refused: a stale
 * `after` (`stale`, with what came in between), entries that are none, corrections, rulings and calls that don't
 * stand, and what `guard` doesn't allow. A play that doesn't stand is kept: it is a slip.
 */
export function appendEntry(match: string, append: Append, guard?: Guard): Promise<Appended> {
  const key = keyHere(match)
  const before = queues.get(key) ?? Promise.resolve()
  const mine = before.catch(() => {}).then(() => appendNow(match, append, guard))
  queues.set(key, mine)
  const leave = () => {
    if (queues.get(key) === mine) queues.delete(key)
  }
  mine.then(leave, leave)
  return mine
}

async function appendNow(match: string, { id, after, entry }: Append, guard?: Guard): Promise<Appended> {
  const outcome = await writing(async (tx) => {
    const [row] = await tx
      .select({ last: matches.last, same: entries })
      .from(matches)
      .leftJoin(entries, and(eq(entries.matchId, matches.id), eq(entries.clientId, id)))
      .where(eq(matches.id, match))
      .for('update', { of: matches })
    if (!row) throw noSuchMatch()
    const tape = await tapeOf(match, row.last, tx)
    const { same } = row
    if (same) return { tape, recorded: { number: same.number, id, entry: same.entry, at: same.at }, fresh: null }
    if (after !== row.last) throw await stale(match, row.last, after, tx)
    if (row.last >= MOST_ENTRIES)
      throw new Refusal(409, 'match-full', `A match holds ${MOST_ENTRIES} entries at most; begin another one.`, 'entry')
    guard?.(tape, entry)
    const next = addEntry(tape, entry)
    const line = next.lines.at(-1)!
    refuseUnlessKept(next)
    const summary = summaryOf(next)
    const kept = tx
      .$with('kept')
      .as(
        tx
          .insert(entries)
          .values({ matchId: match, number: line.number, clientId: id, entry })
          .returning({ at: entries.at }),
      )
    const [stored] = await tx
      .with(kept)
      .update(matches)
      .set({ last: line.number, over: summary.result !== null, summary, updatedAt: sql`now()` })
      .where(eq(matches.id, match))
      .returning({ at: sql<string>`(select at from kept)` })
    await keepFacts(match, tape, next, tx)
    return { tape: next, recorded: { number: line.number, id, entry, at: stored!.at }, fresh: summary }
  })
  // The new summary, where the entry was not recorded before.
  const { tape, recorded, fresh } = outcome
  if (fresh) {
    rememberTape(match, tape)
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
  const { verdict, entry, before } = tape.lines.at(-1)!
  const { reason } = verdict
  if (!reason || (entry.kind === 'play' && reason.code !== 'malformed')) return
  throw new Refusal(422, reason.code, sayReason(tape.table.game, reason, speaking(tape.table, before.rules)), 'entry', {
    facts: reason.facts,
  })
}

/** Appends an entry that the server itself makes after whatever was recorded last; `make` says which, null for none any more. */
export async function appendLast(match: string, name: string, make: (tape: Tape) => unknown): Promise<void> {
  for (let tries = 0; tries < 20; tries++) {
    const tape = await tapeFor(match)
    const entry = make(tape)
    if (entry === null) return
    try {
      const { length } = tape.lines
      await appendEntry(match, { id: `${name}-${length}-${Date.now()}`, after: length, entry })
      return
    } catch (error) {
      // Somebody recorded in the same moment: it comes after that.
      if (!(error instanceof Refusal && error.code === 'stale')) throw error
    }
  }
}
