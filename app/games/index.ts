import { isGameId, type GameId } from '#core/games/ids'
import type { GameView } from '~/games/view'

/** Every game that can be shown: one line a game, loaded with its rules when it is needed. */
const VIEWS: Readonly<Record<GameId, () => Promise<{ default: GameView }>>> = {
  'ask-for-rest': () => import('~/games/ask-for-rest'),
  'roof-tiles': () => import('~/games/roof-tiles'),
  'turn-two': () => import('~/games/turn-two'),
  'call-row': () => import('~/games/call-row'),
  'six-heaps': () => import('~/games/six-heaps'),
  'perch-and-push': () => import('~/games/perch-and-push'),
  'hundred-stops': () => import('~/games/hundred-stops'),
  'exact-landing': () => import('~/games/exact-landing'),
  'step-and-gather': () => import('~/games/step-and-gather'),
  'top-total': () => import('~/games/top-total'),
  'ten-turn-haul': () => import('~/games/ten-turn-haul'),
  brim: () => import('~/games/brim'),
  'say-it-first': () => import('~/games/say-it-first'),
  'covered-part': () => import('~/games/covered-part'),
  'table-ladder': () => import('~/games/table-ladder'),
  'token-dip': () => import('~/games/token-dip'),
  'ebb-and-flow': () => import('~/games/ebb-and-flow'),
  'column-keeper': () => import('~/games/column-keeper'),
  'place-strike': () => import('~/games/place-strike'),
  'skip-count-yard': () => import('~/games/skip-count-yard'),
  'last-digit-chains': () => import('~/games/last-digit-chains'),
  'fill-in-order': () => import('~/games/fill-in-order'),
  'own-game': () => import('~/games/own-game'),
}

/** How the game with this id is shown; undefined for a game without a view. */
export async function loadView(game: string): Promise<GameView | undefined> {
  return isGameId(game) ? (await VIEWS[game]()).default : undefined
}

/** The view of a game that may change; undefined until it is there. */
export function useGameView(game: () => string | undefined) {
  const view = shallowRef<GameView>()
  watch(
    game,
    async (id) => {
      const loaded = id ? await loadView(id) : undefined
      if (id === game()) view.value = loaded
    },
    { immediate: true },
  )
  return view
}
