import { columnKeeper } from '#core/games/column-keeper/index'
import type { KeeperPlay } from '#core/games/column-keeper/rules'
import Aid from '~/games/column-keeper/Aid.vue'
import Board from '~/games/column-keeper/Board.vue'
import Pad from '~/games/column-keeper/Pad.vue'
import Rules from '~/games/column-keeper/Rules.vue'
import Table from '~/games/column-keeper/Table.vue'
import type { KeeperEntry } from '~/games/column-keeper/useKeeperEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<KeeperPlay>({
  game: columnKeeper,
  Table,
  Pad,
  Board,
  board: { each: 2 },
  Recap: shownLater(() => import('~/games/column-keeper/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['7t', 'puts a 7 in the tens (o, t, h, m)'],
    ['3a', 'throws a 3 away'],
    ['=1182', 'says the total is 1182'],
  ],
  fill: (play): KeeperEntry | null => (play.do === 'put' ? { card: play.card } : null),
})
