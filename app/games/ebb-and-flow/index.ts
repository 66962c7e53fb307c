import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import type { Flip } from '#core/games/ebb-and-flow/rules'
import Aid from '~/games/ebb-and-flow/Aid.vue'
import Board from '~/games/ebb-and-flow/Board.vue'
import Pad from '~/games/ebb-and-flow/Pad.vue'
import Rules from '~/games/ebb-and-flow/Rules.vue'
import Table from '~/games/ebb-and-flow/Table.vue'
import type { EbbEntry } from '~/games/ebb-and-flow/useEbbEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Flip>({
  game: ebbAndFlow,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/ebb-and-flow/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['7 =12', 'turns 7 and says 12'],
    ['w4, c4', 'turns a warm or a cool 4'],
    ['wild', 'turns a wild'],
  ],
  fill: ({ card, colour }): EbbEntry => ({ card, ...(colour === undefined ? {} : { colour }) }),
})
