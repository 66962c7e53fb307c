import { itemAt } from '#core/basics/lists'
import { tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { openPlaces } from '#core/games/column-keeper/advice'
import {
  columnsOf,
  lyingIn,
  rank,
  withCard,
  type KeeperPlay,
  type KeeperRules,
  type KeeperState,
  type Sheet,
  type Where,
} from '#core/games/column-keeper/rules'
import { countsOf, restOf, without } from '#core/kit/pack'
import { ofSeat, withSeat } from '#core/kit/seats'

/**
 * The number that a sheet comes to on average when every card still to be drawn is put as well as can be. Exact, by trying
 * every card and place: for the last three cards.
 */
function numberAtBest(rules: KeeperRules, sheet: Sheet, rest: readonly number[]): number {
  const places = openPlaces(rules, sheet)
  if (!places.length) return columnsOf(sheet).total
  let sum = 0
  for (const [card, copies] of countsOf(rest)) {
    const after = without(rest, card)
    const numbers = places.map((where) => numberAtBest(rules, withCard(sheet, card, where), after))
    sum += copies * numbers.reduce((best, number) => (rank(rules, number) < rank(rules, best) ? number : best))
  }
  return sum / rest.length
}

/** A place for a card by the number that it leads to. */
function putting(rules: KeeperRules, state: KeeperState, card: number, where: Where): Option<KeeperPlay> {
  const rest = restOf(rules.pack, [...lyingIn(state), card])
  const number = numberAtBest(rules, withCard(ofSeat(state.sheets, 1), card, where), rest)
  return {
    says: where === 'aside' ? 'Throw it away' : `To the ${where}`,
    play: { do: 'put', by: 1, card, in: where },
    worth: -rank(rules, number),
    tells: `${tenth(number)} in the end, on average`,
  }
}

/** One card in each column and one to throw away, of which these were put. */
const ONE_EACH = { columns: 3, perColumn: 1, discards: 1 }
const keeping = (opened: KeeperState, columns: readonly (readonly number[])[]): KeeperState => ({
  ...opened,
  fresh: false,
  sheets: withSeat(opened.sheets, 1, { ...itemAt(opened.sheets, 0), columns }),
})

export const weighings: Weighings<KeeperRules, KeeperState, KeeperPlay> = [
  {
    look: 'A big digit belongs on the left, where it is worth a hundred times as much.',
    houseRules: ONE_EACH,
    players: ['Ines'],
    asks: 'The first card is a 7. Where does it go?',
    lies: (opened) => opened,
    options: (rules, state) => [putting(rules, state, 7, 'hundreds'), putting(rules, state, 7, 'tens')],
  },
  {
    look: 'Keep the big column open as long as a better card may well come.',
    houseRules: ONE_EACH,
    players: ['Ines'],
    asks: 'The first card is a 4. Where does it go?',
    lies: (opened) => opened,
    options: (rules, state) => [putting(rules, state, 4, 'tens'), putting(rules, state, 4, 'hundreds')],
  },
  {
    look: 'Throw away what would spoil a big column, not simply the smallest card.',
    houseRules: ONE_EACH,
    players: ['Ines'],
    asks: 'A 3 comes; the ones are filled. Where does it go?',
    lies: (opened) => keeping(opened, [[5], [], []]),
    options: (rules, state) => [putting(rules, state, 3, 'aside'), putting(rules, state, 3, 'tens')],
  },
]
