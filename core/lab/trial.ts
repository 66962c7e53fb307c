import { itemAt } from '#core/basics/lists'
import { countPlays, ENDLESS } from '#core/kernel/estimate'
import { practisedFacts, type PlayedLine } from '#core/kernel/facts'
import type { Game } from '#core/contract/game'
import { labPlay, type PlayerKind } from '#core/lab/players'
import { foldFact, keyOf, type CellKey } from '#core/mastery/cells'
import { awaits, bestNow, judgeEntry, judgePlay, standing } from '#core/kernel/match'
import { bestSeats, ofSeat } from '#core/kit/seats'
import { openSelfPlay } from '#core/kernel/selfPlay'
import type { MatchState, Table } from '#core/contract/table'

/** What is tried out: a game under some house rules, and who plays how; the first of them begins. */
export interface Trial {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly PlayerKind[]
  /** Seconds from one play to the next: how many plays a clock allows. */
  readonly pace: number
}

/** What one match came to. Lists are by place in the order, from 0. */
export interface Outcome {
  /** Plays one after another; where nobody waits for anybody, what is played at the same time counts once. */
  readonly plays: number
  readonly ended: boolean
  /** The clock ended it. */
  readonly timed: boolean
  /** Places that won; none where it did not end. */
  readonly winners: readonly number[]
  readonly scores: readonly number[]
  /** How often somebody else took the lead. */
  readonly changes: number
  /** After which part of the plays (0 to 1) those who won led to the end; null where it did not end or the first has nobody to beat. */
  readonly decided: number | null
  /** Number facts practised. */
  readonly facts: readonly number[]
  readonly cells: readonly CellKey[]
  /** Answers said, and how many of them were wrong. */
  readonly said: number
  readonly wrong: number
}

/** Plays one match; the same key, the same match on every machine. */
export function playTrial({ game, houseRules, players, pace }: Trial, key: string): Outcome {
  const names = players.map((_, i) => `Player ${i + 1}`)
  const { table, state: opened } = openSelfPlay({ game, houseRules, players: names, source: 'dealt', key })
  const { count, played } = countPlays(table, opened)
  const most = opened.rules.minutes === null ? Infinity : (opened.rules.minutes * 60) / pace
  const { facts, cells, practise } = practice(table)
  let [changes, said, wrong, lead, since] = [0, 0, 0, '', 0]
  let state = opened
  for (let n = 0; n < ENDLESS && !state.result; n++) {
    const waits = awaits(table, state)
    if (!waits) break
    if (played() >= most && !state.timeCalled) {
      state = judgeEntry(table, state, { kind: 'call', call: 'time' }).state
      if (state.result) break
    }
    const seat = itemAt(waits.seats, n % waits.seats.length)
    const { play, right } = labPlay(ofSeat(players, seat), table, state, seat, key, n)
    const before = state
    const judged = judgePlay(table, before, play)
    if (play !== right) wrong++
    if ('said' in play && play.said !== undefined) said++
    state = judged.state
    count(play)
    const line = { number: n + 1, play, verdict: judged.verdict, before, struck: false }
    practise(line)
    const leads = leaders(table, state)
    if (leads === lead) continue
    if (lead !== '' && leads !== '') changes++
    lead = leads
    since = played()
  }
  const plays = played()
  const { result } = state
  return {
    plays,
    ended: result !== null,
    timed: result?.ended === 'time',
    winners: result?.winners.map((seat) => seat - 1) ?? [],
    scores: standing(table, state),
    changes,
    decided: result && players.length > 1 ? (plays ? since / plays : 0) : null,
    facts,
    cells,
    said,
    wrong,
  }
}

/** Counts what is practised, by seat and by fact. */
function practice(table: Table) {
  const facts = Array.from({ length: table.seats }, () => 0)
  const cells: CellKey[] = []
  function practise(line: PlayedLine) {
    for (const fact of practisedFacts(table, line)) {
      facts[fact.by - 1] = ofSeat(facts, fact.by) + 1
      const cell = foldFact(fact)
      if (cell) cells.push(keyOf(cell))
    }
  }
  return { facts, cells, practise }
}

/** Who leads, as text that can be compared; empty while everybody is level. */
function leaders(table: Table, state: MatchState): string {
  if (state.result) return [...state.result.winners].join()
  const scores = standing(table, state)
  const best = bestNow(table, state)
  const goal = table.game.goal?.(state.rules) ?? 0
  const worth = best === 'nearest' ? scores.map((score) => -Math.abs(goal - score)) : scores
  const seats = bestSeats(worth, best === 'fewest' ? 'fewest' : 'most')
  return seats.length === scores.length ? '' : seats.join()
}
