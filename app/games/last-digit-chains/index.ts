import { lastDigitChains } from '#core/games/last-digit-chains/index'
import type { ChainPlay } from '#core/games/last-digit-chains/rules'
import Aid from '~/games/last-digit-chains/Aid.vue'
import Board from '~/games/last-digit-chains/Board.vue'
import Pad from '~/games/last-digit-chains/Pad.vue'
import Rules from '~/games/last-digit-chains/Rules.vue'
import Table from '~/games/last-digit-chains/Table.vue'
import type { ChainEntry } from '~/games/last-digit-chains/useChainEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<ChainPlay>({
  game: lastDigitChains,
  Table,
  Pad,
  Board,
  board: { each: 1 },
  Recap: shownLater(() => import('~/games/last-digit-chains/Recap.vue')),
  Rules,
  Aid,
  Opening: shownLater(() => import('~/games/last-digit-chains/Opening.vue')),
  typed: [
    ['7', 'takes the only seven that fits now'],
    ['3>2', 'takes the top of fan 3 to row 2'],
    ['redeal 314 159', 'the new fans, bottom card first'],
    ['done', 'stops'],
  ],
  fill: (play): ChainEntry => ({
    seat: play.by,
    fan: play.do === 'take' ? play.fan : null,
    dealing: play.do === 'redeal' ? play.fans.flat().join('') : null,
  }),
})
