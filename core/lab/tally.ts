import { itemAt } from '#core/basics/lists'
import type { Outcome } from '#core/lab/trial'
import type { CellKey } from '#core/mastery/cells'

/** How many matches there were of each value. */
export type Histogram = Readonly<Record<number, number>>

/** Shares of a win are counted in whole parts, so that sums don't depend on their order: up to eight may share. */
export const WHOLE = 840

/** Tenths in which it is told how early matches were decided. */
export const TENTHS = 10

/**
 * What many matches came to: whole numbers that are added up alone, so that the same seed gives the same numbers on every
 * machine, however many worked at it. Lists are by place in the order.
 */
export interface Tally {
  readonly matches: number
  readonly ended: number
  readonly timed: number
  /** More than one won. */
  readonly level: number
  /** Plays of a match. */
  readonly plays: Histogram
  /** Parts of `WHOLE` that each place won, and their squares. */
  readonly wins: readonly number[]
  readonly winSquares: readonly number[]
  readonly changes: Histogram
  /** By tenths of the match: decided within the first tenth, the second … */
  readonly decided: readonly number[]
  /** Scores at the end, of all players. */
  readonly scores: Histogram
  /** Number facts practised by each place, and their squares. */
  readonly facts: readonly number[]
  readonly factSquares: readonly number[]
  readonly cells: Readonly<Record<CellKey, number>>
  readonly said: number
  readonly wrong: number
}

export const emptyTally = (seats: number): Tally => {
  const none = () => Array.from({ length: seats }, () => 0)
  return {
    matches: 0,
    ended: 0,
    timed: 0,
    level: 0,
    plays: {},
    wins: none(),
    winSquares: none(),
    changes: {},
    decided: Array.from({ length: TENTHS }, () => 0),
    scores: {},
    facts: none(),
    factSquares: none(),
    cells: {},
    said: 0,
    wrong: 0,
  }
}

/** A tally while it is counted. */
type Counts = {
  -readonly [Part in keyof Tally]: Tally[Part] extends number
    ? number
    : Tally[Part] extends readonly number[]
      ? number[]
      : Record<string, number>
}

/** Counts a match that these places (from 0) won, each its part. */
export function countWins({ wins, winSquares }: { wins: number[]; winSquares: number[] }, places: readonly number[]) {
  const part = WHOLE / places.length
  for (const place of places) {
    wins[place] = itemAt(wins, place) + part
    winSquares[place] = itemAt(winSquares, place) + part * part
  }
}

/** Counts matches one by one into a tally that is its own. */
export function makeCounter(seats: number) {
  const counts = emptyTally(seats) as Counts
  const up = (histogram: Record<string | number, number>, key: string | number) =>
    (histogram[key] = (histogram[key] ?? 0) + 1)

  function count({ plays, ended, timed, winners, scores, changes, decided, facts, cells, said, wrong }: Outcome) {
    counts.matches++
    if (ended) counts.ended++
    if (timed) counts.timed++
    if (winners.length > 1) counts.level++
    up(counts.plays, plays)
    up(counts.changes, changes)
    for (const score of scores) up(counts.scores, score)
    countWins(counts, winners)
    facts.forEach((practised, place) => {
      counts.facts[place]! += practised
      counts.factSquares[place]! += practised * practised
    })
    if (decided !== null) counts.decided[Math.min(TENTHS - 1, Math.floor(decided * TENTHS))]!++
    for (const cell of cells) up(counts.cells, cell)
    counts.said += said
    counts.wrong += wrong
  }
  return { count, tally: (): Tally => counts }
}

/** Both together. */
export function addTallies(a: Tally, b: Tally): Tally {
  return {
    matches: a.matches + b.matches,
    ended: a.ended + b.ended,
    timed: a.timed + b.timed,
    level: a.level + b.level,
    plays: addHistograms(a.plays, b.plays),
    wins: addLists(a.wins, b.wins),
    winSquares: addLists(a.winSquares, b.winSquares),
    changes: addHistograms(a.changes, b.changes),
    decided: addLists(a.decided, b.decided),
    scores: addHistograms(a.scores, b.scores),
    facts: addLists(a.facts, b.facts),
    factSquares: addLists(a.factSquares, b.factSquares),
    cells: addHistograms(a.cells, b.cells),
    said: a.said + b.said,
    wrong: a.wrong + b.wrong,
  }
}

const addLists = (a: readonly number[], b: readonly number[]) => a.map((n, i) => n + (b[i] ?? 0))

function addHistograms<T extends Readonly<Record<string, number>>>(a: T, b: T): T {
  const sum: Record<string, number> = { ...a }
  for (const [key, n] of Object.entries(b)) sum[key] = (sum[key] ?? 0) + n
  return sum as T
}
