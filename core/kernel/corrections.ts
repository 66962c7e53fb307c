import { itemAt } from '#core/basics/lists'
import type { Entry } from '#core/contract/entries'
import { refused, refusedFor, STANDS, type Reason, type Verdict } from '#core/contract/verdict'

type Correction = Extract<Entry, { kind: 'amend' | 'strike' | 'reopen' }>

/** What the corrections on a tape come to. Entries are numbered from 1. */
export interface Corrections {
  /** Verdicts on the corrections themselves, by entry number: each judged once, as the tape stood then. */
  readonly verdicts: ReadonlyMap<number, Verdict>
  readonly struck: ReadonlySet<number>
  /** For each amended play, the number of the amend entry in force. */
  readonly amended: ReadonlyMap<number, number>
  /** The number of the entry whose opening is in force; null for the one that the match was set up with. */
  readonly reopened: number | null
}

/** Why a match can't be opened with an opening; null where it can. */
type OpeningFault = (opening: unknown) => Reason | null

export function isCorrection(entry: Entry): entry is Correction {
  return entry.kind === 'amend' || entry.kind === 'strike' || entry.kind === 'reopen'
}

/** Corrections that are read at a stretch: a chain of strikes on strikes costs more with each of them. */
const PIECE = 500

/** Reads the corrections of a whole tape, in pieces. They depend on the entries' kinds, and openings on the setup, never on play. */
export function* readCorrections(entries: readonly Entry[], faultOf: OpeningFault): Generator<void, Corrections> {
  const verdicts = new Map<number, Verdict>()
  const strikes = new Strikes(entries.length)
  const amends: { entry: number; target: number }[] = []
  const reopens: number[] = []
  for (const [i, entry] of entries.entries()) {
    if (!isCorrection(entry)) continue
    const number = i + 1
    if (number % PIECE === 0) yield
    const verdict = judgeCorrection(entry, number, entries, strikes, faultOf)
    verdicts.set(number, verdict)
    if (!verdict.stands) continue
    if (entry.kind === 'strike') strikes.add(number, entry.target)
    else if (entry.kind === 'amend') amends.push({ entry: number, target: entry.target })
    else reopens.push(number)
  }
  const amended = new Map<number, number>()
  for (const { entry, target } of amends) if (!strikes.has(entry)) amended.set(target, entry)
  const reopened = reopens.findLast((entry) => !strikes.has(entry)) ?? null
  return { verdicts, struck: strikes.struck, amended, reopened }
}

function judgeCorrection(
  correction: Correction,
  at: number,
  entries: readonly Entry[],
  strikes: Strikes,
  faultOf: OpeningFault,
): Verdict {
  if (correction.kind === 'reopen') {
    const fault = faultOf(correction.opening)
    return fault ? refusedFor(fault) : STANDS
  }
  const { target } = correction
  if (target < 1 || target >= at) return refused('no-such-entry', { entry: target })
  if (strikes.has(target)) return refused('already-struck', { entry: target })
  if (correction.kind === 'amend' && itemAt(entries, target - 1).kind !== 'play')
    return refused('not-a-play', { entry: target })
  return STANDS
}

/**
 * What is struck, kept up to date strike by strike. A strike that is struck has no effect, so an entry is struck while
 * at least one strike in force names it; each new strike only touches what hangs on it.
 */
class Strikes {
  // By entry number; typed, since a chain of strikes on strikes is walked from end to end by each one that is added.
  private readonly targets: Int32Array
  /** How many strikes in force name an entry. */
  private readonly counts: Int32Array

  constructor(entries: number) {
    this.targets = new Int32Array(entries + 1)
    this.counts = new Int32Array(entries + 1)
  }

  has(entry: number): boolean {
    return itemAt(this.counts, entry) > 0
  }

  get struck(): ReadonlySet<number> {
    const struck = new Set<number>()
    this.counts.forEach((count, entry) => count > 0 && struck.add(entry))
    return struck
  }

  add(strike: number, target: number): void {
    this.targets[strike] = target
    // A strike that is struck lets go of what it names, and the other way round.
    for (let at = target, step = 1; at > 0; at = itemAt(this.targets, at)) {
      const before = itemAt(this.counts, at) > 0
      this.counts[at]! += step
      const now = itemAt(this.counts, at) > 0
      if (before === now) return
      step = now ? -1 : 1
    }
  }
}
