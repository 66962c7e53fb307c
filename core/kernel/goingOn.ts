import { fieldOf } from '#core/basics/fields'
import { judgeEntry } from '#core/kernel/match'
import type { MatchState, Table } from '#core/contract/table'
import { addEntry, type Tape } from '#core/kernel/tape'

/** A ruling by which a match that is over goes on, and what kind of going on that is. */
export interface WayOn {
  readonly kind: 'round' | 'turn' | 'breaks' | 'goal'
  readonly houseRules: Readonly<Record<string, unknown>>
}

/** The rulings that reopen a match that is over: another round for all, until it breaks, a higher goal. Empty where none does. */
export function waysOn(table: Table, state: MatchState): WayOn[] {
  if (!state.result || state.result.ended) return []
  const { begun } = table.game.progress(state.rules, state.game)
  const number = (rule: string) => {
    const value = fieldOf(state.rules, rule)
    return typeof value === 'number' ? value : null
  }
  const ways: WayOn[] = []
  const [rounds, turns, goal] = [number('rounds'), number('turns'), number('goal')]
  if (rounds !== null) ways.push({ kind: 'round', houseRules: { rounds: Math.max(rounds, begun) + 1 } })
  if (turns !== null) ways.push({ kind: 'turn', houseRules: { turns: Math.max(turns, begun) + 1 } })
  if (state.result.shared) ways.push({ kind: 'breaks', houseRules: { tie: 'extra-round' } })
  if (goal !== null && goal > 0) ways.push({ kind: 'goal', houseRules: { goal: goal + Math.ceil(goal / 2) } })
  return ways.filter(({ houseRules }) => judgeEntry(table, state, { kind: 'rules', houseRules }).verdict.stands)
}

/** Minutes that are given on top when a match that time ended goes on. */
const MORE = 2
/** The most that a table's clock takes. */
const MOST_MINUTES = 90

/**
 * The entries by which a match that time ended goes on for two minutes more: the call taken back, the clock made longer.
 * `used`: milliseconds that its clock ran. Null where it did not end so, or would be over all the same.
 */
export function twoMinutesMore(tape: Tape, used: number): readonly object[] | null {
  const { state, lines } = tape
  const called = lines.findLast(
    ({ struck, verdict, entry }) => !struck && verdict.stands && entry.kind === 'call' && entry.call === 'time',
  )
  const minutes = Math.max(state.rules.minutes ?? 0, Math.ceil(used / 60_000)) + MORE
  if (!state.result || !called || minutes > MOST_MINUTES) return null
  const entries = [{ strike: called.number }, { ruling: { houseRules: { minutes } } }]
  return entries.reduce<Tape>(addEntry, tape).state.result ? null : entries
}
