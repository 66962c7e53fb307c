import { coveredPart } from '#core/games/covered-part/index'
import type { CoverPlay } from '#core/games/covered-part/rules'
import Aid from '~/games/covered-part/Aid.vue'
import Board from '~/games/covered-part/Board.vue'
import Pad from '~/games/covered-part/Pad.vue'
import Rules from '~/games/covered-part/Rules.vue'
import Table from '~/games/covered-part/Table.vue'
import type { CoverEntry } from '~/games/covered-part/useCoverEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<CoverPlay>({
  game: coveredPart,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/covered-part/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['3 4*', 'hides the 4 beside the 3, announced right'],
    ['3 4* =8', 'and announces 8'],
    ['4', 'guesses 4'],
  ],
  fill: (play): CoverEntry => (play.do === 'hide' ? { parts: play.parts } : { parts: [] }),
})
