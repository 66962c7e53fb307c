import { sixHeaps } from '#core/games/six-heaps/index'
import type { HeapPlay } from '#core/games/six-heaps/rules'
import Aid from '~/games/six-heaps/Aid.vue'
import Board from '~/games/six-heaps/Board.vue'
import Pad from '~/games/six-heaps/Pad.vue'
import Rules from '~/games/six-heaps/Rules.vue'
import Table from '~/games/six-heaps/Table.vue'
import type { HeapEntry } from '~/games/six-heaps/useHeapEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<HeapPlay>({
  game: sixHeaps,
  Table,
  Pad,
  Board,
  board: { tall: true },
  Recap: shownLater(() => import('~/games/six-heaps/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['7 23', 'puts a 7 in row 2, column 3'],
    ['7 23 / 1.3,2.3', 'and names the line of both places below one another'],
    ['pass', 'passes'],
  ],
  fill: (play): HeapEntry | null =>
    play.do === 'place' ? { card: play.card, at: null, ...(play.drew === undefined ? {} : { drew: play.drew }) } : null,
})
