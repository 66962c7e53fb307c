import { topTotal } from '#core/games/top-total/index'
import type { Roll } from '#core/games/top-total/rules'
import Aid from '~/games/top-total/Aid.vue'
import Board from '~/games/top-total/Board.vue'
import Pad from '~/games/top-total/Pad.vue'
import Rules from '~/games/top-total/Rules.vue'
import Table from '~/games/top-total/Table.vue'
import type { TopEntry } from '~/games/top-total/useTopEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Roll>({
  game: topTotal,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/top-total/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['34', 'rolls 3 and 4'],
    ['34 =7', 'and says 7; larger faces with spaces between'],
  ],
  fill: ({ dice }): TopEntry => ({ dice }),
})
