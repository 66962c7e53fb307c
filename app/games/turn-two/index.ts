import { turnTwo } from '#core/games/turn-two/index'
import type { PairPlay } from '#core/games/turn-two/rules'
import Aid from '~/games/turn-two/Aid.vue'
import Board from '~/games/turn-two/Board.vue'
import Pad from '~/games/turn-two/Pad.vue'
import Rules from '~/games/turn-two/Rules.vue'
import Table from '~/games/turn-two/Table.vue'
import type { PairEntry } from '~/games/turn-two/usePairEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<PairPlay>({
  game: turnTwo,
  Table,
  Pad,
  Board,
  board: { tall: true },
  Recap: shownLater(() => import('~/games/turn-two/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['3=4 7=6', 'a 4 at place 3 and a 6 at place 7 are turned'],
    ['relay', 'the layout is stuck and laid out again'],
  ],
  fill: (play): PairEntry | null => (play.do === 'turn' ? { at: play.at, cards: play.cards.slice(0, -1) } : null),
})
