import { awaits, takesTurns } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'

const NONE: ReadonlySet<number> = new Set()

/**
 * The entries of a turn that goes on whose sum is still to be said by whoever plays (dice that lie there, before the stop):
 * by number. None in games that ask for each play by itself, or for no answer.
 */
export function keptBack({ table, state, lines }: Tape): ReadonlySet<number> {
  if (
    state.result ||
    !table.game.about.finds.later ||
    !table.game.answerCalled?.(state.rules) ||
    !takesTurns(table, state)
  )
    return NONE
  const [seat, ...others] = awaits(table, state)?.seats ?? []
  if (seat === undefined || others.length) return NONE
  const found = new Set<number>()
  for (let i = lines.length - 1; i >= 0; i--) {
    const { play, struck, verdict, answered, number } = lines[i]!
    if (!play || struck || !verdict.stands) continue
    if (answered || play.by !== seat) break
    if (verdict.working.length) found.add(number)
  }
  return found
}
