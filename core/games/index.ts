import type { Game } from '#core/contract/game'
import { askForRest } from '#core/games/ask-for-rest/index'
import { brim } from '#core/games/brim/index'
import { callRow } from '#core/games/call-row/index'
import { columnKeeper } from '#core/games/column-keeper/index'
import { coveredPart } from '#core/games/covered-part/index'
import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import { exactLanding } from '#core/games/exact-landing/index'
import { fillInOrder } from '#core/games/fill-in-order/index'
import { hundredStops } from '#core/games/hundred-stops/index'
import { lastDigitChains } from '#core/games/last-digit-chains/index'
import { ownGame } from '#core/games/own-game/index'
import { perchAndPush } from '#core/games/perch-and-push/index'
import { placeStrike } from '#core/games/place-strike/index'
import { roofTiles } from '#core/games/roof-tiles/index'
import { sayItFirst } from '#core/games/say-it-first/index'
import { sixHeaps } from '#core/games/six-heaps/index'
import { skipCountYard } from '#core/games/skip-count-yard/index'
import { stepAndGather } from '#core/games/step-and-gather/index'
import { tableLadder } from '#core/games/table-ladder/index'
import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import { tokenDip } from '#core/games/token-dip/index'
import { topTotal } from '#core/games/top-total/index'
import { turnTwo } from '#core/games/turn-two/index'
import { GAME_IDS, isGameId, type GameId } from '#core/games/ids'

/** One line a game. */
const GAME: Readonly<Record<GameId, Game>> = {
  'ask-for-rest': askForRest,
  'roof-tiles': roofTiles,
  'turn-two': turnTwo,
  'call-row': callRow,
  'six-heaps': sixHeaps,
  'perch-and-push': perchAndPush,
  'hundred-stops': hundredStops,
  'exact-landing': exactLanding,
  'step-and-gather': stepAndGather,
  'top-total': topTotal,
  'ten-turn-haul': tenTurnHaul,
  brim,
  'say-it-first': sayItFirst,
  'covered-part': coveredPart,
  'table-ladder': tableLadder,
  'token-dip': tokenDip,
  'ebb-and-flow': ebbAndFlow,
  'column-keeper': columnKeeper,
  'place-strike': placeStrike,
  'skip-count-yard': skipCountYard,
  'last-digit-chains': lastDigitChains,
  'fill-in-order': fillInOrder,
  'own-game': ownGame,
}

/** Every game there is, in the rulebook's order. */
export const GAMES: readonly Game[] = GAME_IDS.map((id) => GAME[id])

/** The game with this id, or undefined. */
export const gameById = (id: string): Game | undefined => (isGameId(id) ? GAME[id] : undefined)
