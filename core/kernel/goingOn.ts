import { fieldOf } from '#core/basics/fields'
import { judgeEntry } from '#core/kernel/match'
import type { MatchState, Table } from '#core/contract/table'

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
