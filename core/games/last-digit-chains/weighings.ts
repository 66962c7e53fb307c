import { itemAt } from '#core/basics/lists'
import { count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { wholeRow } from '#core/games/last-digit-chains/chains'
import {
  chainOf,
  judge,
  takesOf,
  type ChainPlay,
  type ChainRules,
  type ChainState,
  type Layout,
  type Take,
} from '#core/games/last-digit-chains/rules'
import { total } from '#core/kit/dice'
import { ofSeat, withSeat } from '#core/kit/seats'
import { nextOf } from '#core/kit/weighing'

const taking = (fan: number, row: number): Take => ({ do: 'take', by: 1, fan, row })
const layoutOf = (state: ChainState): Layout => ofSeat(state.layouts, 1)

const after = (rules: ChainRules, state: ChainState, play: Take): ChainState => nextOf(judge(rules, state, play), state)

/** The most cards that can still be taken. Exact, by trying every take: for the last dozen. */
function mostTaken(rules: ChainRules, state: ChainState): number {
  const takes = takesOf(rules, layoutOf(state))
  return Math.max(0, ...takes.map(({ fan, row }) => 1 + mostTaken(rules, after(rules, state, taking(fan, row)))))
}

/** A take by how many cards are left in the fans when all is taken that can be. */
function leaving(rules: ChainRules, state: ChainState, says: string, play: Take): Option<ChainPlay> {
  const next = after(rules, state, play)
  const left = total(layoutOf(next).fans.map(({ length }) => length)) - mostTaken(rules, next)
  return {
    says,
    play,
    worth: -left,
    tells: left ? `${count(left, 'card', 'cards')} can never be taken` : 'all can be taken',
  }
}

/** The rows but for so many cards at their ends, which lie in the fans: the top of each is the last. */
const laid = (
  rules: ChainRules,
  opened: ChainState,
  missing: readonly number[],
  fans: readonly (readonly number[])[],
): ChainState => {
  const chain = chainOf(rules)
  const rows = missing.map((cards, row) => wholeRow(chain, row).slice(0, chain.length - cards))
  return { ...opened, layouts: withSeat(opened.layouts, 1, { fans, rows, redealt: rules.redeals, done: false }) }
}
/** Short rows of nine, dealt again already. */
const LATE = { players: ['Ines'] }
const top = (state: ChainState, fan: number) => itemAt(layoutOf(state).fans, fan - 1).at(-1)

export const weighings: Weighings<ChainRules, ChainState, ChainPlay> = [
  {
    ...LATE,
    look: 'Where two fans have the same card on top, take the one that lies on what you need next.',
    asks: 'Two fans have an 8 on top. Which one goes to the second row?',
    lies: (opened, rules) => laid(rules, opened, [0, 5, 5, 0], [[3, 1, 8], [9, 7, 9], [7, 4, 6], [8]]),
    options: (rules, state) => [
      leaving(rules, state, 'The one of the first fan', taking(1, 2)),
      leaving(rules, state, 'The one alone in its fan', taking(4, 2)),
    ],
  },
  {
    ...LATE,
    look: 'Where a card fits two rows, look which row its fan can go on with.',
    asks: 'The 7 continues the second row and the third. Where does it go?',
    lies: (opened, rules) => laid(rules, opened, [0, 3, 4, 0], [[9, 3, 7], [6, 7, 8], [1]]),
    options: (rules, state) => [
      leaving(rules, state, 'To the third row', taking(1, 3)),
      leaving(rules, state, 'To the second row', taking(1, 2)),
    ],
  },
  {
    ...LATE,
    look: 'A card need not be taken because it can be: another may have to go first.',
    asks: 'An 8 fits the second row, a 4 the third. Which one goes first?',
    lies: (opened, rules) => laid(rules, opened, [0, 5, 5, 0], [[9, 9, 8], [7, 8, 4], [6, 7, 1], [3]]),
    options: (rules, state) => [
      leaving(rules, state, `The ${top(state, 2)}`, taking(2, 3)),
      leaving(rules, state, `The ${top(state, 1)}`, taking(1, 2)),
    ],
  },
]
