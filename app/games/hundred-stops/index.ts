import { hundredStops } from '#core/games/hundred-stops/index'
import type { Travel } from '#core/games/hundred-stops/rules'
import Aid from '~/games/hundred-stops/Aid.vue'
import Board from '~/games/hundred-stops/Board.vue'
import Pad from '~/games/hundred-stops/Pad.vue'
import Rules from '~/games/hundred-stops/Rules.vue'
import Table from '~/games/hundred-stops/Table.vue'
import { stepsOf, type StopsEntry } from '~/games/hundred-stops/useStopsEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Travel>({
  game: hundredStops,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/hundred-stops/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['54 2 h t9 h', 'rolls 5 and 4, spins 2, hops 100, walks 9 tens, hops 100'],
    ['54 2 h t9 h = 490', 'and says it ends on 490'],
  ],
  fill: ({ dice, hundreds, order }): StopsEntry => ({ dice, hundreds, steps: stepsOf(order) }),
})
