import type { MatchState, Table } from '#core/contract/table'

/** Which round or turn each is being played, and of how many; null in games that count none aloud. */
interface ProgressNow {
  readonly unit: 'round' | 'turn'
  readonly at: number
  readonly of: number
  /** How many beyond those agreed, while a tie is played on. */
  readonly extra: number
}

/** The round (or the turn each) in progress, as it is told to people. */
export function progressNow({ game }: Pick<Table, 'game'>, state: MatchState): ProgressNow | null {
  const { unit, of, begun, fresh } = game.progress(state.rules, state.game)
  if (unit === null || of === null) return null
  const at = Math.max(1, begun + (fresh && !state.result ? 1 : 0))
  return { unit, at, of, extra: Math.max(0, at - of) }
}

const UNITS = { round: 'Round', turn: 'Turn' }

/** `Round 2 of 5`, `Extra round 1`; empty in games that count none. */
export function sayProgress(table: Pick<Table, 'game'>, state: MatchState): string {
  const now = progressNow(table, state)
  if (!now) return ''
  if (now.extra > 0) return state.result ? '' : `Extra ${now.unit} ${now.extra}`
  return `${UNITS[now.unit]} ${now.at} of ${now.of}`
}
