import { GAME_IDS } from '../../core/games/ids'
import { gameById } from '../../core/games/index'
import type { Game } from '../../core/contract/game'
import type { GameFixture } from './fixture'
import { FIXTURES } from './index'

/** Every game that has a fixture, with it: one that has none fails by itself (fixtures.test.ts), and leaves the others alone. */
export function withFixtures(): (readonly [id: string, game: Game, fixture: GameFixture])[] {
  return GAME_IDS.flatMap((id) => (FIXTURES[id] ? [[id, gameById(id)!, FIXTURES[id]] as const] : []))
}
