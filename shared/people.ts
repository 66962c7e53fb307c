import type { Aim } from '#core/mastery/aims'

/** What pages are told of people. */

export interface Person {
  readonly id: string
  readonly name: string
  readonly pennant: number
  /** What they work on. */
  readonly aims: readonly Aim[]
  /** The classes they belong to, by name. */
  readonly classes: readonly string[]
}

/** How often a person has played a game, and when last. */
export interface Choice {
  readonly person: string
  readonly game: string
  readonly times: number
  readonly last: string
}

/** Somebody known here, with how often they played and when last. */
export interface SeenPerson extends Person {
  readonly matches: number
  readonly last: string | null
}

/** A match as one of its people is told of it. */
export interface PersonMatch {
  readonly match: string
  readonly game: string
  readonly table: string
  readonly houseRules: Record<string, unknown>
  readonly seat: number
  readonly players: number
  readonly at: string
  readonly over: boolean
  readonly score: number
  readonly won: boolean
}

/** In what a match was somebody's best yet. */
export interface BestYet {
  readonly seat: number
  readonly score: boolean
  readonly wrong: boolean
}

/** What forgetting came to. */
export interface Forgotten {
  readonly people: number
  readonly matches: number
  readonly facts: number
  readonly remarks: number
}

/** How often two people have sat at one table lately. */
export interface Pair {
  readonly one: string
  readonly other: string
  readonly times: number
}

/** How many answers somebody has said lately, and how many were right. */
export interface Level {
  readonly person: string
  readonly said: number
  readonly right: number
}
