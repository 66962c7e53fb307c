import type { Game } from '#core/contract/game'
import type { MatchState } from '#core/contract/table'
import type { Option, Weighing } from '#core/contract/weighing'
import { openSelfPlay } from '#core/kernel/selfPlay'
import { foldTape, type Tape } from '#core/kernel/tape'

/** Who plays where a weighing names nobody. */
const USUAL = ['Ines', 'Bao']

/** A position to weigh, with what each choice is worth there. */
interface Weighed {
  readonly players: readonly string[]
  /** The match as it stands, before its first entry. */
  readonly tape: Tape
  /** The best one first. */
  readonly options: readonly Option[]
}

/** Lays a weighing's position out and works its choices out. */
export function weigh(game: Game, { houseRules = {}, players = USUAL, lies, options }: Weighing): Weighed {
  const { table, state } = openSelfPlay({ game, houseRules, players, key: 'weighing' })
  const now: MatchState = { ...state, game: lies(state.game, state.rules) }
  return { players, tape: foldTape(table, now, []), options: options(now.rules, now.game) }
}
