import type { Entry } from '#core/entries'
import { refused, STANDS, type Verdict } from '#core/verdict'

type Correction = Extract<Entry, { kind: 'amend' | 'strike' }>

/** What the corrections on a tape come to. Entries are numbered from 1. */
export interface Corrections {
  /** Verdicts on the corrections themselves, by entry number: each judged once, as the tape stood then. */
  readonly verdicts: ReadonlyMap<number, Verdict>
  readonly struck: ReadonlySet<number>
  /** For each amended play, the number of the amend entry in force. */
  readonly amended: ReadonlyMap<number, number>
}

/** Reads the corrections of a whole tape. They depend on the entries' kinds alone, never on the game. */
export function readCorrections(entries: readonly Entry[]): Corrections {
  const verdicts = new Map<number, Verdict>()
  const accepted: { entry: number; correction: Correction }[] = []
  let struck: ReadonlySet<number> = new Set<number>()
  entries.forEach((entry, i) => {
    if (entry.kind !== 'amend' && entry.kind !== 'strike') return
    const verdict = judgeCorrection(entry, i + 1, entries, struck)
    verdicts.set(i + 1, verdict)
    if (!verdict.stands) return
    accepted.push({ entry: i + 1, correction: entry })
    if (entry.kind === 'strike') struck = struckBy(accepted)
  })
  const amended = new Map<number, number>()
  for (const { entry, correction } of accepted)
    if (correction.kind === 'amend' && !struck.has(entry)) amended.set(correction.target, entry)
  return { verdicts, struck, amended }
}

function judgeCorrection(
  correction: Correction,
  at: number,
  entries: readonly Entry[],
  struck: ReadonlySet<number>,
): Verdict {
  const { target } = correction
  if (target < 1 || target >= at) return refused('no-such-entry', { entry: target })
  if (struck.has(target)) return refused('already-struck', { entry: target })
  if (correction.kind === 'amend' && entries[target - 1]!.kind !== 'play')
    return refused('not-a-play', { entry: target })
  return STANDS
}

/** A strike that is struck has no effect. Strikes only reach back, so going from the newest settles each in turn. */
function struckBy(accepted: readonly { entry: number; correction: Correction }[]): Set<number> {
  const struck = new Set<number>()
  for (let i = accepted.length - 1; i >= 0; i--) {
    const { entry, correction } = accepted[i]!
    if (correction.kind === 'strike' && !struck.has(entry)) struck.add(correction.target)
  }
  return struck
}
