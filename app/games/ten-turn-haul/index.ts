import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import type { Spin } from '#core/games/ten-turn-haul/rules'
import Aid from '~/games/ten-turn-haul/Aid.vue'
import Board from '~/games/ten-turn-haul/Board.vue'
import Pad from '~/games/ten-turn-haul/Pad.vue'
import Rules from '~/games/ten-turn-haul/Rules.vue'
import Table from '~/games/ten-turn-haul/Table.vue'
import type { HaulEntry } from '~/games/ten-turn-haul/useHaulEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Spin>({
  game: tenTurnHaul,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/ten-turn-haul/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['7', 'spins 7'],
    ['7 =34', 'and says that makes 34'],
  ],
  fill: ({ value }): HaulEntry => ({ value }),
})
