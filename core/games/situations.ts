import type { Situation } from '#core/contract/situation'
import type { GameId } from '#core/games/ids'
import { situation as askForRest } from '#core/games/ask-for-rest/situation'
import { situation as brim } from '#core/games/brim/situation'
import { situation as callRow } from '#core/games/call-row/situation'
import { situation as columnKeeper } from '#core/games/column-keeper/situation'
import { situation as coveredPart } from '#core/games/covered-part/situation'
import { situation as ebbAndFlow } from '#core/games/ebb-and-flow/situation'
import { situation as exactLanding } from '#core/games/exact-landing/situation'
import { situation as fillInOrder } from '#core/games/fill-in-order/situation'
import { situation as hundredStops } from '#core/games/hundred-stops/situation'
import { situation as lastDigitChains } from '#core/games/last-digit-chains/situation'
import { situation as ownGame } from '#core/games/own-game/situation'
import { situation as perchAndPush } from '#core/games/perch-and-push/situation'
import { situation as placeStrike } from '#core/games/place-strike/situation'
import { situation as roofTiles } from '#core/games/roof-tiles/situation'
import { situation as sayItFirst } from '#core/games/say-it-first/situation'
import { situation as sixHeaps } from '#core/games/six-heaps/situation'
import { situation as skipCountYard } from '#core/games/skip-count-yard/situation'
import { situation as stepAndGather } from '#core/games/step-and-gather/situation'
import { situation as tableLadder } from '#core/games/table-ladder/situation'
import { situation as tenTurnHaul } from '#core/games/ten-turn-haul/situation'
import { situation as tokenDip } from '#core/games/token-dip/situation'
import { situation as topTotal } from '#core/games/top-total/situation'
import { situation as turnTwo } from '#core/games/turn-two/situation'

/** Each game’s smallest picture that decides whether a play stands. */
export const SITUATIONS: Readonly<Record<GameId, Situation>> = {
  'ask-for-rest': askForRest,
  brim: brim,
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
