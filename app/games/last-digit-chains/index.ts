import { lastDigitChains } from '#core/games/last-digit-chains/index'
import type { ChainPlay } from '#core/games/last-digit-chains/rules'
import Aid from '~/games/last-digit-chains/Aid.vue'
import Board from '~/games/last-digit-chains/Board.vue'
import Opening from '~/games/last-digit-chains/Opening.vue'
import Pad from '~/games/last-digit-chains/Pad.vue'
import Recap from '~/games/last-digit-chains/Recap.vue'
import Rules from '~/games/last-digit-chains/Rules.vue'
import Table from '~/games/last-digit-chains/Table.vue'
import type { ChainEntry } from '~/games/last-digit-chains/useChainEntry'
import { defineView } from '~/games/view'

export default defineView<ChainPlay>({
  game: lastDigitChains,
  Table,
  Pad,
  Board,
  board: { each: 1 },
  Recap,
  Rules,
  Aid,
  Opening,
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
