import { readEntry } from '#core/contract/entries'
import { newestToStrike, type Tape } from '#core/kernel/tape'

/**
 * Whether somebody who helps at a table may put this on its tape: a play, and taking back the newest entry where that is
 * a play. What was overruled, and everything else, is the referee's.
 */
export function mayHelperRecord(tape: Tape, raw: unknown): boolean {
  const entry = readEntry(raw)
  if (entry.kind === 'play') return !entry.overrule
  const newest = newestToStrike(tape)
  return (
    entry.kind === 'strike' &&
    newest !== null &&
    entry.target === newest.number &&
    newest.entry.kind === 'play' &&
    !newest.entry.overrule
  )
}
