import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'

/** A match that may be played: game, seats and opening, all checked. Never changes during the match. */
export interface Table {
  readonly game: Game
  readonly players: readonly string[]
  readonly seats: number
  readonly first: number
  readonly source: 'table' | 'dealt'
  readonly seed: string | number | null
  readonly opening: unknown
}

/** Who won and why. */
export interface Result {
  readonly winners: readonly number[]
  readonly shared: boolean
  readonly why: string
  /** Only when the match was ended from outside the game. */
  readonly ended?: 'finish' | 'time'
}

/** Where a match stands. */
export interface MatchState {
  /** The house rules in force, complete. */
  readonly rules: CommonRules
  /** The game's own state. */
  readonly game: unknown
  /** How many plays stand; the dealer's chance belongs to this number. */
  readonly played: number
  /** The clock has run out; the round in progress is being finished. */
  readonly timeCalled: boolean
  readonly result: Result | null
}
