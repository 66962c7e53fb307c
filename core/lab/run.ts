import { gameById } from '#core/games/index'
import { addPairs, countPair, noPairs, type Pairs } from '#core/lab/pair'
import type { PlayerKind } from '#core/lab/players'
import { addTallies, emptyTally, makeCounter, type Tally } from '#core/lab/tally'
import { playTrial, type Trial } from '#core/lab/trial'
import { mixedSeed } from '#core/basics/random'
import { readHouseRules } from '#core/kernel/houseRules'
import { seatProblems } from '#core/kernel/match'
import { problem, type Problem } from '#core/contract/problem'

/** What the lab is asked, as plain data: one game under rules A and, if wished, rules B. */
export interface LabQuestion {
  readonly game: string
  readonly a: Readonly<Record<string, unknown>>
  readonly b: Readonly<Record<string, unknown>> | null
  readonly players: readonly PlayerKind[]
  readonly pace: number
  /** What chance is drawn from: the same seed, the same numbers. */
  readonly seed: string
}

/** What came of some of the matches. */
export interface LabAnswer {
  readonly a: Tally
  readonly b: Tally | null
  readonly pairs: Pairs | null
}

/** What is wrong with a question; none where it can be answered. */
export function labProblems({ game: id, a, b, players }: LabQuestion): readonly Problem[] {
  const game = gameById(id)
  if (!game) return [problem('game', 'unknown-game', { game: id })]
  const crowd = seatProblems(game, players.length)
  if (crowd.length) return crowd
  return [a, ...(b ? [b] : [])].flatMap((rules) => {
    const read = readHouseRules(game, rules, players.length)
    return read.ok ? [] : read.problems
  })
}

export const noAnswer = ({ b, players }: LabQuestion): LabAnswer => ({
  a: emptyTally(players.length),
  b: b && emptyTally(players.length),
  pairs: b && noPairs,
})

/** Plays matches `from` to `to` (not included) of a question that has no problems. Every match has its own chance, so that parts can be played anywhere. */
export function runLab({ game: id, a, b, players, pace, seed }: LabQuestion, from: number, to: number): LabAnswer {
  const trial = (houseRules: LabQuestion['a']): Trial => ({ game: gameById(id)!, houseRules, players, pace })
  const [tryA, tryB] = [trial(a), b && trial(b)]
  const [countA, countB] = [makeCounter(players.length), makeCounter(players.length)]
  let pairs = noPairs
  for (let n = from; n < to; n++) {
    const key = mixedSeed(`${seed} ${n}`)
    const played = playTrial(tryA, key)
    countA.count(played)
    if (!tryB) continue
    const other = playTrial(tryB, key)
    countB.count(other)
    pairs = countPair(pairs, played, other)
  }
  return { a: countA.tally(), b: b && countB.tally(), pairs: b && pairs }
}

/** Both together. */
export function addAnswers(one: LabAnswer, other: LabAnswer): LabAnswer {
  return {
    a: addTallies(one.a, other.a),
    b: one.b && other.b && addTallies(one.b, other.b),
    pairs: one.pairs && other.pairs && addPairs(one.pairs, other.pairs),
  }
}
