import type { Weighings } from '#core/contract/weighing'
import type { GameId } from '#core/games/ids'
import { weighings as askForRest } from '#core/games/ask-for-rest/weighings'
import { weighings as brim } from '#core/games/brim/weighings'
import { weighings as callRow } from '#core/games/call-row/weighings'
import { weighings as columnKeeper } from '#core/games/column-keeper/weighings'
import { weighings as coveredPart } from '#core/games/covered-part/weighings'
import { weighings as ebbAndFlow } from '#core/games/ebb-and-flow/weighings'
import { weighings as exactLanding } from '#core/games/exact-landing/weighings'
import { weighings as fillInOrder } from '#core/games/fill-in-order/weighings'
import { weighings as hundredStops } from '#core/games/hundred-stops/weighings'
import { weighings as lastDigitChains } from '#core/games/last-digit-chains/weighings'
import { weighings as ownGame } from '#core/games/own-game/weighings'
import { weighings as perchAndPush } from '#core/games/perch-and-push/weighings'
import { weighings as placeStrike } from '#core/games/place-strike/weighings'
import { weighings as roofTiles } from '#core/games/roof-tiles/weighings'
import { weighings as sayItFirst } from '#core/games/say-it-first/weighings'
import { weighings as sixHeaps } from '#core/games/six-heaps/weighings'
import { weighings as skipCountYard } from '#core/games/skip-count-yard/weighings'
import { weighings as stepAndGather } from '#core/games/step-and-gather/weighings'
import { weighings as tableLadder } from '#core/games/table-ladder/weighings'
import { weighings as tenTurnHaul } from '#core/games/ten-turn-haul/weighings'
import { weighings as tokenDip } from '#core/games/token-dip/weighings'
import { weighings as topTotal } from '#core/games/top-total/weighings'
import { weighings as turnTwo } from '#core/games/turn-two/weighings'

/** What good players of each game weigh. */
export const WEIGHINGS: Readonly<Record<GameId, Weighings>> = {
  'ask-for-rest': askForRest,
  brim,
  'call-row': callRow,
  'column-keeper': columnKeeper,
  'covered-part': coveredPart,
  'ebb-and-flow': ebbAndFlow,
  'exact-landing': exactLanding,
  'fill-in-order': fillInOrder,
  'hundred-stops': hundredStops,
  'last-digit-chains': lastDigitChains,
  'own-game': ownGame,
  'perch-and-push': perchAndPush,
  'place-strike': placeStrike,
  'roof-tiles': roofTiles,
  'say-it-first': sayItFirst,
  'six-heaps': sixHeaps,
  'skip-count-yard': skipCountYard,
  'step-and-gather': stepAndGather,
  'table-ladder': tableLadder,
  'ten-turn-haul': tenTurnHaul,
  'token-dip': tokenDip,
  'top-total': topTotal,
  'turn-two': turnTwo,
}
