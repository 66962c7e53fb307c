import type { GameId } from '../../core/games/ids'
import { askForRest } from './ask-for-rest'
import { brim } from './brim'
import { callRow } from './call-row'
import { columnKeeper } from './column-keeper'
import { coveredPart } from './covered-part'
import { ebbAndFlow } from './ebb-and-flow'
import { exactLanding } from './exact-landing'
import { fillInOrder } from './fill-in-order'
import type { GameFixture } from './fixture'
import { hundredStops } from './hundred-stops'
import { lastDigitChains } from './last-digit-chains'
import { ownGame } from './own-game'
import { perchAndPush } from './perch-and-push'
import { placeStrike } from './place-strike'
import { roofTiles } from './roof-tiles'
import { sayItFirst } from './say-it-first'
import { sixHeaps } from './six-heaps'
import { skipCountYard } from './skip-count-yard'
import { stepAndGather } from './step-and-gather'
import { tableLadder } from './table-ladder'
import { tenTurnHaul } from './ten-turn-haul'
import { tokenDip } from './token-dip'
import { topTotal } from './top-total'
import { turnTwo } from './turn-two'

/** What the suites know of every game: one line a game. */
export const FIXTURES: Readonly<Record<GameId, GameFixture>> = {
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
