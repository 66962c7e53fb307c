import type { Awaits } from '#core/game'
import type { Result } from '#core/match'

/** What the API gives, as the pages use it. */
export interface Seat {
  readonly name: string
  readonly pennant: number
  readonly personId: string | null
}

/** Milliseconds used up to the last pause, since when the clock has been running, and the server's time. */
export interface ToldClock {
  readonly used: number
  readonly since: number | null
  readonly now: number
  /** How far this device's own time is behind the server's, in milliseconds; added where it is received. */
  readonly behind?: number
}

export interface Recorded {
  readonly number: number
  readonly id: string
  readonly entry: unknown
  readonly at: string
}

export interface StoredMatch {
  readonly id: string
  readonly game: string
  readonly houseRules: Record<string, unknown>
  readonly seats: readonly Seat[]
  readonly first: number
  readonly source: 'table' | 'dealt'
  readonly seed: string | number | null
  readonly opening: unknown
  readonly createdAt: string
  readonly last: number
  readonly clock: ToldClock
  /** The token of the board's link. */
  readonly board: string
  readonly entries: readonly Recorded[]
}

export interface Summary {
  readonly standing: readonly number[]
  readonly awaits: Awaits | null
  readonly line: string
  readonly slip: boolean
  readonly round: string
  readonly minutes: number | null
  readonly timeCalled: boolean
  readonly result: Result | null
}

export interface ListedMatch {
  readonly id: string
  readonly game: string
  readonly houseRules: Record<string, unknown>
  readonly last: number
  readonly over: boolean
  readonly summary: Summary
  readonly clock: ToldClock
  readonly createdAt: string
  readonly updatedAt: string
  readonly seats: readonly Seat[]
}

export interface Person {
  readonly id: string
  readonly name: string
  readonly pennant: number
}
