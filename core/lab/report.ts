import { itemAt } from '#core/basics/lists'
import { meanOf, meanOfHistogram, partOf, quantile, scaled, shareOf, type Interval } from '#core/lab/statistics'
import { TENTHS, WHOLE, type Tally } from '#core/lab/tally'

/** Length of most matches: one of ten is shorter than `low`, half are shorter than `usual`, nine of ten than `high`. */
export interface Spread {
  readonly low: number
  readonly usual: number
  readonly high: number
}

/** What comes out of many matches; parts from 0 to 1, lists by place in the order. */
export interface Report {
  readonly matches: number
  readonly plays: Spread
  readonly minutes: Spread
  readonly meanMinutes: Interval
  /** Matches that came to an end, and of them those that the clock ended. */
  readonly ended: Interval
  readonly timed: Interval
  readonly level: Interval
  readonly wins: readonly Interval[]
  /** Lead changes in a match. */
  readonly changes: Interval
  /** Matches that were decided by the middle. */
  readonly early: Interval
  readonly scores: Spread
  /** Number facts that each child practises in a match, and in ten minutes. */
  readonly facts: readonly Interval[]
  readonly factsInTen: number
  /** Wrong answers in a match. */
  readonly slips: number
}

const spread = (histogram: Tally['plays']): Spread => ({
  low: quantile(histogram, 0.1) ?? 0,
  usual: quantile(histogram, 0.5) ?? 0,
  high: quantile(histogram, 0.9) ?? 0,
})

/** How often each place wins, by place in the order of play. */
export const winShares = ({
  wins,
  winSquares,
  matches,
}: Pick<Tally, 'wins' | 'winSquares' | 'matches'>): readonly Interval[] =>
  wins.map((sum, place) => shareOf(sum / WHOLE, itemAt(winSquares, place) / (WHOLE * WHOLE), matches))

/** Reads a tally at `pace` seconds a play. */
export function reportOf(tally: Tally, pace: number): Report {
  const { matches } = tally
  const plays = spread(tally.plays)
  const minute = pace / 60
  const meanMinutes = scaled(meanOfHistogram(tally.plays), minute)
  const facts = tally.facts.map((sum, place) => meanOf(sum, itemAt(tally.factSquares, place), matches))
  const each = facts.length ? facts.reduce((sum, { value }) => sum + value, 0) / facts.length : 0
  const decided = tally.decided.reduce((sum, n) => sum + n, 0)
  return {
    matches,
    plays,
    minutes: { low: plays.low * minute, usual: plays.usual * minute, high: plays.high * minute },
    meanMinutes,
    ended: partOf(tally.ended, matches),
    timed: partOf(tally.timed, matches),
    level: partOf(tally.level, matches),
    wins: winShares(tally),
    changes: meanOfHistogram(tally.changes),
    early: partOf(
      tally.decided.slice(0, TENTHS / 2).reduce((sum, n) => sum + n, 0),
      decided,
    ),
    scores: spread(tally.scores),
    facts,
    factsInTen: meanMinutes.value > 0 ? (10 * each) / meanMinutes.value : 0,
    slips: matches ? tally.wrong / matches : 0,
  }
}
