import { itemAt } from '#core/basics/lists'
import { isCorrection, readCorrections, type Corrections } from '#core/kernel/corrections'
import { readEntry, type Entry } from '#core/contract/entries'
import { judgeEntry, reopenMatch, type Judged } from '#core/kernel/match'
import type { BasePlay } from '#core/contract/plays'
import type { MatchState, Table } from '#core/contract/table'
import type { Verdict } from '#core/contract/verdict'

/** One entry of the tape with what is said of it after all corrections. */
export interface Line {
  /** The entry's number, from 1. */
  readonly number: number
  /** The entry as it was recorded. */
  readonly raw: unknown
  readonly entry: Entry
  readonly verdict: Verdict
  readonly struck: boolean
  /** The number of the amend entry whose play stands here instead, or null. */
  readonly amendedBy: number | null
  /** The play in force here, well-formed; null for other entries and malformed plays. */
  readonly play: BasePlay | null
  /** The play asked for a spoken answer, so that what it comes to has been told. */
  readonly answered: boolean
  /** The match before this entry. */
  readonly before: MatchState
  /** The match after it. */
  readonly after: MatchState
}

/** A tape folded into a match. Append-only: a correction is an entry like any other. */
export interface Tape {
  readonly table: Table
  /** The match as it was set up. */
  readonly start: MatchState
  /** The match before its first entry, with the opening in force. */
  readonly opened: MatchState
  readonly lines: readonly Line[]
  readonly state: MatchState
}

const STRUCK: Verdict = { stands: false, reason: null, working: [], notes: [] }

/** Entries that are judged at a stretch where a long tape is folded in pieces: some ten milliseconds. */
const PIECE = 250

/** Folds a whole tape from `start`, the state of an opened match. */
export function foldTape(table: Table, start: MatchState, raws: readonly unknown[]): Tape {
  return atOnce(fold(table, start, raws))
}

/** The same, stopping after every piece, so that whoever has a loop to keep free can go on later. */
export function foldTapeInPieces(table: Table, start: MatchState, raws: readonly unknown[]): Generator<void, Tape> {
  return fold(table, start, raws)
}

/** Goes through something that is done in pieces without stopping. */
export function atOnce<T>(pieces: Generator<void, T>): T {
  for (;;) {
    const { done, value } = pieces.next()
    if (done) return value
  }
}

/** Folds a tape; of `known`, the same tape before its newest correction, the lines before the first changed one are taken over. */
function* fold(table: Table, start: MatchState, raws: readonly unknown[], known?: Tape): Generator<void, Tape> {
  const entries: Entry[] = []
  for (const [i, raw] of raws.entries()) {
    if (i > 0 && i % (4 * PIECE) === 0) yield
    entries.push(entryIn(known?.lines[i]) ?? readEntry(raw))
  }
  const corrections = yield* readCorrections(entries, (opening) => {
    const reopened = reopenMatch(table, start, opening)
    return reopened.ok ? null : itemAt(reopened.problems, 0)
  })
  const opened = openedBy(table, start, entries, corrections.reopened)
  const lines = known && corrections.reopened === null ? unchangedLines(known, corrections) : []
  let state = lines.at(-1)?.after ?? opened
  for (let i = lines.length; i < entries.length; i++) {
    if (i > 0 && i % PIECE === 0) yield
    const number = i + 1
    const struck = corrections.struck.has(number)
    const amendedBy = corrections.amended.get(number) ?? null
    // An amend stands where the play stood; `overrule` counts only where it is written.
    const entry = amendedBy === null ? itemAt(entries, i) : asPlay(itemAt(entries, amendedBy - 1))
    const correction = corrections.verdicts.get(number)
    const judged: Judged = struck
      ? { verdict: STRUCK, state }
      : correction
        ? { verdict: correction, state }
        : judgeEntry(table, state, entry)
    lines.push(lineOf(number, raws[i], entry, judged, struck, amendedBy, state, table))
    state = judged.state
  }
  return { table, start, opened, lines, state }
}

/** The entry that a line read; where an amend stands in its place, it is read again. */
const entryIn = (line: Line | undefined) => (line?.amendedBy === null ? line.entry : undefined)

/** The lines of a tape up to the first that is another under `corrections`; none where its opening was put right before. */
function unchangedLines(known: Tape, { struck, amended, verdicts }: Corrections): Line[] {
  if (known.opened !== known.start) return []
  const first = known.lines.findIndex((line) => {
    const verdict = verdicts.get(line.number)
    return (
      line.struck !== struck.has(line.number) ||
      line.amendedBy !== (amended.get(line.number) ?? null) ||
      (verdict !== undefined &&
        !line.struck &&
        (verdict.stands !== line.verdict.stands || verdict.reason?.code !== line.verdict.reason?.code))
    )
  })
  return known.lines.slice(0, first < 0 ? undefined : first)
}

/** The state before the first entry: as set up, or as the opening recorded in entry `reopened` lays it. */
function openedBy(table: Table, start: MatchState, entries: readonly Entry[], reopened: number | null): MatchState {
  const entry = reopened === null ? null : itemAt(entries, reopened - 1)
  const again = entry?.kind === 'reopen' ? reopenMatch(table, start, entry.opening) : null
  return again?.ok ? again.state : start
}

/** The tape with one more entry. Only a correction judges again what is there already, from the first line that it changes. */
export function addEntry(tape: Tape, raw: unknown): Tape {
  const entry = readEntry(raw)
  if (isCorrection(entry))
    return atOnce(fold(tape.table, tape.start, [...tape.lines.map((line) => line.raw), raw], tape))
  const { state: before, table, start, opened } = tape
  const judged = judgeEntry(table, before, entry)
  const line = lineOf(tape.lines.length + 1, raw, entry, judged, false, null, before, table)
  return { table, start, opened, lines: [...tape.lines, line], state: judged.state }
}

function asPlay(entry: Entry): Entry {
  return entry.kind === 'amend' ? { kind: 'play', play: entry.play, overrule: entry.overrule } : entry
}

function lineOf(
  number: number,
  raw: unknown,
  entry: Entry,
  { verdict, state: after, asks }: Judged,
  struck: boolean,
  amendedBy: number | null,
  before: MatchState,
  table: Table,
): Line {
  const malformed = verdict.reason?.code === 'malformed'
  let play: BasePlay | null = null
  if (entry.kind === 'play' && !malformed) {
    // A struck play was not judged, so its shape may still be wrong.
    play = struck ? (table.game.play.safeParse(entry.play).data ?? null) : (entry.play as BasePlay)
  }
  return { number, raw, entry, verdict, struck, amendedBy, play, answered: asks?.answer !== undefined, before, after }
}

/** The match as it stood after its first `entries` entries, told under all corrections made since. */
export function tapeAfter(tape: Tape, entries: number): Tape {
  const { table, start, opened, lines } = tape
  if (entries >= lines.length) return tape
  return { table, start, opened, lines: lines.slice(0, entries), state: itemAt(lines, entries).before }
}

/** An entry whose verdict a correction changed. */
interface ChangedVerdict {
  readonly number: number
  readonly before: Line
  readonly after: Line
}

/** The entries common to both tapes whose verdicts differ: what a correction brings with it. */
export function changedVerdicts(before: Tape, after: Tape): ChangedVerdict[] {
  const changed: ChangedVerdict[] = []
  before.lines.forEach((line, i) => {
    const now = itemAt(after.lines, i)
    const same =
      line.struck === now.struck &&
      line.verdict.stands === now.verdict.stands &&
      line.verdict.reason?.code === now.verdict.reason?.code
    if (!same) changed.push({ number: line.number, before: line, after: now })
  })
  return changed
}

/** The newest entry that can be taken back: the last one not struck that is no strike; null when there is none. */
export function newestToStrike(tape: Tape): Line | null {
  return tape.lines.findLast((line) => !line.struck && line.entry.kind !== 'strike') ?? null
}

/** The newest strike in force after which nothing but strikes was recorded, so that striking it is a redo. */
export function newestToRedo(tape: Tape): Line | null {
  for (let i = tape.lines.length - 1; i >= 0; i--) {
    const line = itemAt(tape.lines, i)
    if (line.entry.kind !== 'strike') return null
    if (!line.struck && line.verdict.stands && !isRedo(tape, line)) return line
  }
  return null
}

function isRedo(tape: Tape, line: Line): boolean {
  return line.entry.kind === 'strike' && tape.lines[line.entry.target - 1]?.entry.kind === 'strike'
}
