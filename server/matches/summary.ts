import type { Awaits } from '#core/game'
import { awaits, standing, type Result } from '#core/match'
import { sayRound } from '#core/round'
import type { Tape } from '#core/tape'
import { isReferees } from '#core/verdict'
import { sayEntry, sayResult } from '#core/wording/index'

/** What the list of matches shows of one. */
export interface Summary {
  readonly standing: readonly number[]
  readonly awaits: Awaits | null
  /** The newest thing that happened, in words; empty before the first entry. */
  readonly line: string
  /** The newest entry doesn't stand, or leaves something to decide: the referee is needed. */
  readonly slip: boolean
  /** `Round 2 of 5`; empty in games without rounds. */
  readonly round: string
  /** Length of the clock in minutes under the rules in force. */
  readonly minutes: number | null
  readonly timeCalled: boolean
  readonly result: Result | null
}

export function summaryOf(tape: Tape): Summary {
  const { table, state } = tape
  const newest = tape.lines.findLast((line) => !line.struck && line.entry.kind !== 'strike')
  return {
    standing: standing(table, state),
    awaits: awaits(table, state),
    line: state.result ? sayResult(table, state.result) : newest ? sayEntry(table, newest) : '',
    slip: newest ? !newest.verdict.stands || isReferees(newest.verdict) : false,
    round: sayRound(table, state),
    minutes: state.rules.minutes,
    timeCalled: state.timeCalled,
    result: state.result,
  }
}
