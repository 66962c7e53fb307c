import type { Game } from '#core/contract/game'
import { lengthOf } from '#core/kernel/estimate'

/**
 * How many plays one after another a match takes under a game's first preset, by the number of players: [one of ten is
 * shorter, half are, nine of ten are, the part that ends, in hundredths].
 */
export type PlaysBySeats = Readonly<Record<string, readonly [low: number, usual: number, high: number, ended: number]>>

/** Matches that bots play for each number of players. */
const MATCHES = 60

/** Lets bots play a game under its first preset with every number of players. */
export function playsOf(game: Game, only?: number): PlaysBySeats {
  const { seats } = game.about
  const houseRules = game.presets[0]?.rules ?? {}
  const numbers = Array.from({ length: seats.high - seats.low + 1 }, (_, i) => seats.low + i)
  return Object.fromEntries(
    numbers
      .filter((players) => only === undefined || players === only)
      .map((players) => {
        const length = lengthOf({ game, houseRules, seats: players, matches: MATCHES })!
        return [players, [length.low, length.usual, length.high, Math.round(100 * length.ended)] as const]
      }),
  )
}
