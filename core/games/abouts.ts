import type { About } from '#core/game'
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

/** What a person reads of every game before choosing, in the rulebook's order: a line a game, without its rules. */
export const ABOUTS: readonly { readonly id: string; readonly about: About }[] = [
  { id: 'ask-for-rest', about: askForRest },
  { id: 'roof-tiles', about: roofTiles },
  { id: 'turn-two', about: turnTwo },
  { id: 'call-row', about: callRow },
  { id: 'six-heaps', about: sixHeaps },
  { id: 'perch-and-push', about: perchAndPush },
  { id: 'hundred-stops', about: hundredStops },
  { id: 'exact-landing', about: exactLanding },
  { id: 'step-and-gather', about: stepAndGather },
  { id: 'top-total', about: topTotal },
  { id: 'ten-turn-haul', about: tenTurnHaul },
  { id: 'brim', about: brim },
  { id: 'say-it-first', about: sayItFirst },
  { id: 'covered-part', about: coveredPart },
  { id: 'table-ladder', about: tableLadder },
  { id: 'token-dip', about: tokenDip },
  { id: 'ebb-and-flow', about: ebbAndFlow },
  { id: 'column-keeper', about: columnKeeper },
  { id: 'place-strike', about: placeStrike },
  { id: 'skip-count-yard', about: skipCountYard },
  { id: 'last-digit-chains', about: lastDigitChains },
  { id: 'fill-in-order', about: fillInOrder },
]

const BY_ID = new Map(ABOUTS.map(({ id, about }) => [id, about]))

/** What is told of the game with this id; undefined for an unknown one. */
export function aboutOf(id: string): About | undefined {
  return BY_ID.get(id)
}
