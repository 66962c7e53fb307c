import type { GameView } from '~/games/view'
import { loadView } from '~/games'

/** Who plays a match that nobody plays. */
export const BOT_NAMES = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf']

/** What a page for learning a game is asked by its address: which game, under which rules, by which chance; and where it leads back. */
export async function useLearning() {
  const route = useRoute()
  const view: GameView | undefined = await loadView(String(route.params.id))
  const { low, high } = view?.game.about.seats ?? { low: 2, high: 2 }
  return {
    view,
    game: view?.game,
    houseRules: rulesIn(route.query.rules) ?? {},
    key: typeof route.query.key === 'string' ? route.query.key.slice(0, 60) : undefined,
    /** Two play, where the game allows it. */
    seats: Math.max(low, Math.min(2, high)),
    back: `/rulebook/${String(route.params.id)}`,
  }
}
