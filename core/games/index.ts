import type { Game } from '#core/game'
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

/** Every game there is, in the rulebook's order: one line a game. */
export const GAMES: readonly Game[] = [
  askForRest,
  roofTiles,
  turnTwo,
  callRow,
  sixHeaps,
  perchAndPush,
  hundredStops,
  exactLanding,
  stepAndGather,
  topTotal,
  tenTurnHaul,
  brim,
  sayItFirst,
  coveredPart,
  tableLadder,
  tokenDip,
  ebbAndFlow,
  columnKeeper,
  placeStrike,
  skipCountYard,
  lastDigitChains,
  fillInOrder,
]

const BY_ID = new Map(GAMES.map((game) => [game.id, game]))

/** The game with this id, or undefined. */
export function gameById(id: string): Game | undefined {
  return BY_ID.get(id)
}
