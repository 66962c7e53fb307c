import { itemAt } from '#core/basics/lists'
import type { Option, Weighings } from '#core/contract/weighing'
import { outlook } from '#core/games/fill-in-order/advice'
import type { Face } from '#core/games/fill-in-order/cards'
import { judge, type FillRules, type FillState, type Turn } from '#core/games/fill-in-order/rules'
import { inHundred } from '#core/kit/weighing'

type Wild = 'K' | 'J'
const turn = (from: Turn['from'], ...cards: Turn['cards']): Turn => ({ do: 'turn', by: 1, from, cards: [...cards] })

/** A place for a wild, by how likely the next card fits after it. */
function filling(rules: FillRules, state: FillState, wild: Wild, slot: number): Option<Turn> {
  const play = turn('stock', { wild, slot }, 'Q')
  const verdict = judge(rules, state, play, { overrule: false })
  const worth = verdict.stands ? outlook(rules, verdict.next, 1).chance : -1
  return { says: `To place ${slot}`, play, worth, tells: `then the next card fits ${inHundred(worth)}` }
}

/** A seat by how likely its next card fits. */
function fitting(rules: FillRules, state: FillState, seat: number, name: string): Option<Turn> {
  const worth = outlook(rules, state, seat).chance
  return { says: name, worth, tells: `fits ${inHundred(worth)}` }
}

/** By seat the places that are still open; what lies on top of each other, the newest last. */
const laid = (opened: FillState, open: readonly (readonly number[])[], discards: readonly Face[]): FillState => ({
  ...opened,
  begun: true,
  placed: true,
  discards,
  layouts: opened.layouts.map((layout, i) =>
    layout.map((_, at): Face | null => (itemAt(open, i).includes(at + 1) ? null : ((at + 1) as Face))),
  ),
})

export const weighings: Weighings<FillRules, FillState, Turn> = [
  {
    look: 'A wild goes where few cards are left: count what lies open.',
    houseRules: { wild: 'K' },
    asks: 'Ines turned a king, which is wild; 3 and 8 are open. Three 3s lie there already. Where does it go?',
    lies: (opened) =>
      laid(
        opened,
        [
          [3, 8],
          [2, 5, 8, 9],
        ],
        [3, 3, 'Q'],
      ),
    options: (rules, state) => [filling(rules, state, 'K', 3), filling(rules, state, 'K', 8)],
  },
  {
    look: 'A discard that fits is a card for sure; the stock only may bring one.',
    asks: 'A 5 lies open, and Ines’s fifth place too. What does she draw?',
    lies: (opened) =>
      laid(
        opened,
        [
          [2, 5, 9],
          [1, 4, 7, 10],
        ],
        ['Q', 5],
      ),
    options: (rules, state) => {
      const { chance } = outlook(rules, state, 1)
      return [
        { says: 'The 5', play: turn('discard', 5, 'Q'), worth: 1, tells: 'fits for sure' },
        { says: 'From the stock', play: turn('stock', 'Q'), worth: chance, tells: `fits ${inHundred(chance)}` },
      ]
    },
  },
  {
    look: 'Not how many places are open counts, but how many cards are left for them.',
    asks: 'Ines has 2 and 5 open, of which three each lie there; Bao only the 7. Whose next card is likelier to fit?',
    lies: (opened) => laid(opened, [[2, 5], [7]], [2, 2, 5, 5, 'K']),
    options: (rules, state) => [fitting(rules, state, 2, 'Bao’s'), fitting(rules, state, 1, 'Ines’s')],
  },
]
