import type { About } from '#core/contract/game'
import { about as askForRest } from '#core/games/ask-for-rest/about'
import { about as brim } from '#core/games/brim/about'
import { about as callRow } from '#core/games/call-row/about'
import { about as columnKeeper } from '#core/games/column-keeper/about'
import { about as coveredPart } from '#core/games/covered-part/about'
import { about as ebbAndFlow } from '#core/games/ebb-and-flow/about'
import { about as exactLanding } from '#core/games/exact-landing/about'
import { about as fillInOrder } from '#core/games/fill-in-order/about'
import { about as hundredStops } from '#core/games/hundred-stops/about'
import { about as lastDigitChains } from '#core/games/last-digit-chains/about'
import { about as ownGame } from '#core/games/own-game/about'
import { about as perchAndPush } from '#core/games/perch-and-push/about'
import { about as placeStrike } from '#core/games/place-strike/about'
import { about as roofTiles } from '#core/games/roof-tiles/about'
import { about as sayItFirst } from '#core/games/say-it-first/about'
import { about as sixHeaps } from '#core/games/six-heaps/about'
import { about as skipCountYard } from '#core/games/skip-count-yard/about'
import { about as stepAndGather } from '#core/games/step-and-gather/about'
import { about as tableLadder } from '#core/games/table-ladder/about'
import { about as tenTurnHaul } from '#core/games/ten-turn-haul/about'
import { about as tokenDip } from '#core/games/token-dip/about'
import { about as topTotal } from '#core/games/top-total/about'
import { about as turnTwo } from '#core/games/turn-two/about'
import { GAME_IDS, isGameId, type GameId } from '#core/games/ids'

/** One line a game. */
const ABOUT: Readonly<Record<GameId, About>> = {
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

/** What a person reads of every game before choosing, in the rulebook's order, without its rules. */
export const ABOUTS = GAME_IDS.map((id) => ({ id, about: ABOUT[id] }))

/** What is told of the game with this id; undefined for an unknown one. */
export const aboutOf = (id: string): About | undefined => (isGameId(id) ? ABOUT[id] : undefined)
