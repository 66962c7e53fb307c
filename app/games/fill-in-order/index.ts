import { fillInOrder } from '#core/games/fill-in-order/index'
import type { Turn } from '#core/games/fill-in-order/rules'
import Aid from '~/games/fill-in-order/Aid.vue'
import Board from '~/games/fill-in-order/Board.vue'
import Pad from '~/games/fill-in-order/Pad.vue'
import Rules from '~/games/fill-in-order/Rules.vue'
import Table from '~/games/fill-in-order/Table.vue'
import type { FillEntry } from '~/games/fill-in-order/useFillEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Turn>({
  game: fillInOrder,
  Table,
  Pad,
  Board,
  board: { each: 1 },
  Recap: shownLater(() => import('~/games/fill-in-order/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['3 7 q', 'draws 3, then 7 comes up, then a queen'],
    ['d 3 j', 'takes the discard, a 3; a jack comes up'],
    ['k@4 2 j', 'a wild king to place 4'],
  ],
  // The last card ended the turn: the chain before it is what is gone on with.
  fill: ({ from, cards }): FillEntry => ({ from, cards: cards.slice(0, -1), wild: null }),
})
