import { titleOf } from '#core/contract/game'
import { isGameId, TITLES } from '#core/games/ids'

/** What a match of this game is called: by the game, or by its own house rules. */
export function matchTitle({ game, houseRules }: { readonly game: string; readonly houseRules: object }): string {
  // House rules with a title are those of a game that is called by it.
  return isGameId(game) ? titleOf({ title: TITLES[game], titled: true }, houseRules) : game
}

/** What a table is called: by its own name, else by what is played there. */
export const matchName = (match: {
  readonly name: string
  readonly game: string
  readonly houseRules: object
}): string => match.name || matchTitle(match)
