import { meanOf, scaled, type Interval } from '#core/lab/statistics'
import { WHOLE } from '#core/lab/tally'
import type { Outcome } from '#core/lab/trial'

/** Sums of the differences B − A over matches with the same chance, and of their squares. */
export interface Differences {
  readonly sum: number
  readonly squares: number
}

/** How B differs from A, match by match: paired by seed, so that luck that both had counts for neither. */
export interface Pairs {
  readonly matches: number
  readonly plays: Differences
  /** Number facts of all players together. */
  readonly facts: Differences
  /** Parts of `WHOLE` that whoever begins wins. */
  readonly first: Differences
  /** Matches that end level. */
  readonly level: Differences
}

const NONE: Differences = { sum: 0, squares: 0 }
export const noPairs: Pairs = { matches: 0, plays: NONE, facts: NONE, first: NONE, level: NONE }

const and = ({ sum, squares }: Differences, by: number): Differences => ({ sum: sum + by, squares: squares + by * by })
const both = (a: Differences, b: Differences): Differences => ({ sum: a.sum + b.sum, squares: a.squares + b.squares })

export function countPair(pairs: Pairs, a: Outcome, b: Outcome): Pairs {
  const facts = ({ facts: each }: Outcome) => each.reduce((sum, n) => sum + n, 0)
  const first = ({ winners }: Outcome) => (winners.includes(0) ? WHOLE / winners.length : 0)
  const level = ({ winners }: Outcome) => Number(winners.length > 1)
  return {
    matches: pairs.matches + 1,
    plays: and(pairs.plays, b.plays - a.plays),
    facts: and(pairs.facts, facts(b) - facts(a)),
    first: and(pairs.first, first(b) - first(a)),
    level: and(pairs.level, level(b) - level(a)),
  }
}

export function addPairs(a: Pairs, b: Pairs): Pairs {
  return {
    matches: a.matches + b.matches,
    plays: both(a.plays, b.plays),
    facts: both(a.facts, b.facts),
    first: both(a.first, b.first),
    level: both(a.level, b.level),
  }
}

/** B − A on average. */
export interface Comparison {
  readonly matches: number
  readonly minutes: Interval
  /** Number facts of each child in a match. */
  readonly facts: Interval
  /** Part of the matches (−1 to 1) that whoever begins wins. */
  readonly first: Interval
  readonly level: Interval
}

/** Reads pairs at `pace` seconds a play for so many players. */
export function comparePairs({ matches, plays, facts, first, level }: Pairs, pace: number, seats: number): Comparison {
  const mean = ({ sum, squares }: Differences, by: number) => scaled(meanOf(sum, squares, matches), by)
  return {
    matches,
    minutes: mean(plays, pace / 60),
    facts: mean(facts, 1 / seats),
    first: mean(first, 1 / WHOLE),
    level: mean(level, 1),
  }
}
