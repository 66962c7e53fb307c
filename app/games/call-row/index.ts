import { callRow } from '#core/games/call-row/index'
import type { RowPlay } from '#core/games/call-row/rules'
import Aid from '~/games/call-row/Aid.vue'
import Board from '~/games/call-row/Board.vue'
import Pad from '~/games/call-row/Pad.vue'
import Rules from '~/games/call-row/Rules.vue'
import Table from '~/games/call-row/Table.vue'
import type { RowEntry } from '~/games/call-row/useRowEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<RowPlay>({
  game: callRow,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/call-row/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['7', 'a 7 is dealt'],
    ['2: 8 6 4', 'the second player calls these; the signs are found'],
    ['2: +8 +6 -4', 'with the signs that were said'],
  ],
  fill: (play): RowEntry => (play.do === 'call' ? { by: play.by, cards: play.cards } : { by: null, cards: [] }),
})
