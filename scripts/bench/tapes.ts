import type { Game } from '#core/contract/game'
import { selfPlay } from '#core/kernel/selfPlay'
import type { Tape } from '#core/kernel/tape'

const named = (game: Game, seats: number, key: string, houseRules: Readonly<Record<string, unknown>>) => ({
  game,
  houseRules,
  key,
  source: 'dealt' as const,
  players: Array.from({ length: seats }, (_, i) => `Player ${i + 1}`),
})

/** A match played by bots, to its end or `most` entries. */
export function botTape(
  game: Game,
  seats: number,
  seed: number,
  houseRules: Readonly<Record<string, unknown>> = {},
  most = 2000,
): Tape {
  return selfPlay({ ...named(game, seats, String(seed), houseRules), most })
}
