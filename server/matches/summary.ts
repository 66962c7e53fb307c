import { awaits, standing, takesTurns } from '#core/kernel/match'
import { sayProgress } from '#core/kernel/progress'
import type { Tape } from '#core/kernel/tape'
import { isReferees } from '#core/contract/verdict'
import { sayEntry, sayResult } from '#core/wording/index'
import type { Summary } from '#shared/api'

/** What the list of matches shows of one. */
export function summaryOf(tape: Tape): Summary {
  const { table, state } = tape
  const newest = tape.lines.findLast((line) => !line.struck && line.entry.kind !== 'strike')
  return {
    standing: standing(table, state),
    awaits: takesTurns(table, state) ? awaits(table, state) : null,
    line: state.result ? sayResult(table, state.result) : newest ? sayEntry(table, newest) : '',
    slip: newest ? !newest.verdict.stands || isReferees(newest.verdict) : false,
    round: sayProgress(table, state),
    minutes: state.rules.minutes,
    timeCalled: state.timeCalled,
    result: state.result,
  }
}
