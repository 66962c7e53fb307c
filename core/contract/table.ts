import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'

/** Members that a side has at most. */
export const MOST_MEMBERS = 40

/** Who sits there: somebody by name, or a side with its members. */
export type Player = string | { readonly name: string; readonly members: readonly string[] }

/** Somebody by name, or a side where members are named, as a file has them. */
export const playerOf = ({
  name,
  members,
}: {
  readonly name: string
  readonly members?: readonly string[] | null
}): string | { name: string; members: string[] } => (members?.length ? { name, members: [...members] } : name)

export const nameOf = (player: Player): string => (typeof player === 'string' ? player : player.name)
export const membersOf = (player: Player): readonly string[] | null =>
  typeof player === 'string' ? null : player.members

/** A match that may be played: game, seats and opening, all checked. Never changes during the match. */
export interface Table {
  readonly game: Game
  readonly players: readonly string[]
  /** The members of each seat that is a side; null for a seat of one. Left out where every seat is one. */
  readonly sides?: readonly (readonly string[] | null)[]
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
  /** What everybody reached, by seat, where it was played on paper; left out otherwise. */
  readonly reached?: readonly number[]
}
