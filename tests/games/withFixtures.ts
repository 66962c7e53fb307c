import { GAMES } from '../../core/games/index'
import type { Game } from '../../core/game'
import type { GameFixture } from './fixture'
import { FIXTURES } from './index'

/** Every game that has a fixture, with it: one that has none fails by itself (fixtures.test.ts), and leaves the others alone. */
export function withFixtures(): (readonly [id: string, game: Game, fixture: GameFixture])[] {
  return GAMES.flatMap((game) => (FIXTURES[game.id] ? [[game.id, game, FIXTURES[game.id]!] as const] : []))
}
