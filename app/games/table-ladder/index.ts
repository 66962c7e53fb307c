import { tableLadder } from '#core/games/table-ladder/index'
import type { RungPlay } from '#core/games/table-ladder/rules'
import Aid from '~/games/table-ladder/Aid.vue'
import Board from '~/games/table-ladder/Board.vue'
import Pad from '~/games/table-ladder/Pad.vue'
import Rules from '~/games/table-ladder/Rules.vue'
import Table from '~/games/table-ladder/Table.vue'
import type { LadderEntry } from '~/games/table-ladder/useLadderEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<RungPlay>({
  game: tableLadder,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/table-ladder/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['7 =21', 'rolls 7 and says 21'],
    ['2: 7 =21', 'the same for the second player; in a race the seat must stand there'],
  ],
  fill: ({ by, roll }): LadderEntry => ({ rolls: { [by]: roll } }),
})
