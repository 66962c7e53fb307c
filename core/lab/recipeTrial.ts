import { mixedSeed } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import type { MatchState } from '#core/contract/table'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { ownGame } from '#core/games/own-game/index'
import type { OwnState } from '#core/games/own-game/state'
import { specialsHeld } from '#core/games/own-game/throwing'
import { ENDLESS } from '#core/kernel/estimate'
import { judgePlay, standing } from '#core/kernel/match'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { countWins } from '#core/lab/tally'

/** What a recipe came to when bots played it; lists of places are by the order of play, from 0. */
export interface RecipeTrial {
  readonly matches: number
  readonly ended: number
  /** More than one won. */
  readonly level: number
  /** Over with the first throw of all. */
  readonly atOnce: number
  /** Parts that each place won, and their squares, as a tally has them. */
  readonly wins: readonly number[]
  readonly winSquares: readonly number[]
  /** Plays of each match. */
  readonly plays: readonly number[]
  /** How often each special held, in their order. */
  readonly held: readonly number[]
  /** The result or score farthest from 0. */
  readonly farthest: number
}

// The register's own type: what is typed by its game is judged the same.
const game = ownGame as unknown as Game

/** Lets bots play a recipe that is in order; stops early when `goOn` says no (asked after each match), with what there is. */
export function tryRecipe(
  { recipe, seats, matches }: { recipe: Readonly<Record<string, unknown>>; seats: number; matches: number },
  goOn: (done: number) => boolean = () => true,
): RecipeTrial {
  const counter = makeCounter(seats)
  for (let n = 0; n < matches; n++) {
    playOne(recipe, seats, mixedSeed(`recipe ${n}`), counter)
    if (!goOn(n + 1)) break
  }
  return counter.trial
}

function makeCounter(seats: number) {
  const none = () => Array.from({ length: seats }, () => 0)
  const trial = {
    ...{ matches: 0, ended: 0, level: 0, atOnce: 0, farthest: 0 },
    ...{ wins: none(), winSquares: none(), plays: [] as number[], held: [] as number[] },
  }
  function held(specials: readonly boolean[]) {
    specials.forEach((holds, i) => (trial.held[i] = (trial.held[i] ?? 0) + Number(holds)))
  }
  function far(...numbers: readonly number[]) {
    for (const number of numbers) if (Math.abs(number) > Math.abs(trial.farthest)) trial.farthest = number
  }
  function over(plays: number, winners: readonly number[]) {
    trial.matches++
    trial.plays.push(plays)
    if (!winners.length) return
    trial.ended++
    if (plays === 1) trial.atOnce++
    if (winners.length > 1) trial.level++
    countWins(
      trial,
      winners.map((seat) => seat - 1),
    )
  }
  return { trial, held, far, over }
}

function playOne(
  recipe: Readonly<Record<string, unknown>>,
  seats: number,
  key: string,
  { held, far, over }: ReturnType<typeof makeCounter>,
) {
  const players = Array.from({ length: seats }, (_, i) => `Player ${i + 1}`)
  const { table, state: opened } = openSelfPlay({ game, houseRules: recipe, players, source: 'dealt', key })
  let state: MatchState = opened
  let plays = 0
  while (plays < ENDLESS) {
    const play = nextPlay(table, state, key, plays)
    if (play === null) break
    const { places, newest: last } = state.game as OwnState
    const judged = judgePlay(table, state, play)
    state = judged.state
    plays++
    const { newest } = state.game as OwnState
    if (newest && newest !== last) {
      const moved = judged.verdict.notes.find(({ code }) => code === 'moves')
      held(specialsHeld(state.rules as OwnRules, newest, places, moved ? Number(moved.facts.to) : null))
      far(newest.result)
    }
    far(...standing(table, state))
  }
  over(plays, state.result?.winners ?? [])
}
