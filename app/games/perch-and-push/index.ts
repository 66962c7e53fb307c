import { perchAndPush } from '#core/games/perch-and-push/index'
import type { PerchPlay } from '#core/games/perch-and-push/rules'
import Board from '~/games/perch-and-push/Board.vue'
import Pad from '~/games/perch-and-push/Pad.vue'
import Rules from '~/games/perch-and-push/Rules.vue'
import Table from '~/games/perch-and-push/Table.vue'
import type { PerchEntry } from '~/games/perch-and-push/usePerchEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<PerchPlay>({
  game: perchAndPush,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/perch-and-push/Recap.vue')),
  Rules,
  typed: [
    ['37 13', 'draws 3 and 7, perches on 13; t is ten'],
    ['p37', 'draws 3 and 7 and passes'],
    ['r', 'all cards are shuffled again'],
  ],
  fill: (play): PerchEntry | null => (play.do === 'reshuffle' ? null : { cards: play.cards }),
})
