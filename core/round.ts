import type { MatchState, Table } from '#core/match'

/** Which round is being played, and of how many; null in games that have no rounds or turns agreed. */
export interface RoundNow {
  readonly at: number
  readonly of: number
  /** How many rounds beyond those agreed, while a tie is played on. */
  readonly extra: number
}

/** The round (or the turn each) in progress, as it is told to people. */
export function roundNow({ game }: Pick<Table, 'game'>, state: MatchState): RoundNow | null {
  const rules = state.rules as unknown as Readonly<Record<string, unknown>>
  const of = typeof rules.rounds === 'number' ? rules.rounds : rules.turns
  if (typeof of !== 'number') return null
  const next = game.betweenRounds(state.rules, state.game) && !state.result ? 1 : 0
  const at = Math.max(1, game.begun(state.rules, state.game) + next)
  return { at, of, extra: Math.max(0, at - of) }
}

/** `Round 2 of 5`, `Extra round 1`; empty in games without rounds. */
export function sayRound(table: Pick<Table, 'game'>, state: MatchState): string {
  const round = roundNow(table, state)
  if (!round) return ''
  if (round.extra > 0) return state.result ? '' : `Extra round ${round.extra}`
  const word = 'rounds' in (state.rules as object) ? 'Round' : 'Turn'
  return `${word} ${round.at} of ${round.of}`
}
