import { tokenDip } from '#core/games/token-dip/index'
import type { DipPlay } from '#core/games/token-dip/rules'
import Aid from '~/games/token-dip/Aid.vue'
import Board from '~/games/token-dip/Board.vue'
import Pad from '~/games/token-dip/Pad.vue'
import Rules from '~/games/token-dip/Rules.vue'
import Table from '~/games/token-dip/Table.vue'
import type { DipEntry } from '~/games/token-dip/useDipEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<DipPlay>({
  game: tokenDip,
  Table,
  Pad,
  Board,
  board: { each: 2 },
  Recap: shownLater(() => import('~/games/token-dip/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['co =34', 'dips coral and says that makes 34'],
    ['2: count coral 3, am 1', 'the tokens of the second player are counted'],
  ],
  fill: (play): DipEntry =>
    play.do === 'dip' ? { token: play.token } : { token: null, counts: play.counts, of: play.by },
})
