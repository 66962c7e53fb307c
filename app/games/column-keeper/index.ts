import type { Game } from '#core/game'
import { columnKeeper } from '#core/games/column-keeper/index'
import type { KeeperPlay } from '#core/games/column-keeper/rules'
import Aid from '~/games/column-keeper/Aid.vue'
import Board from '~/games/column-keeper/Board.vue'
import Pad from '~/games/column-keeper/Pad.vue'
import Recap from '~/games/column-keeper/Recap.vue'
import Rules from '~/games/column-keeper/Rules.vue'
import Table from '~/games/column-keeper/Table.vue'
import type { GameView } from '~/games/view'

const view: GameView = {
  game: columnKeeper as unknown as Game,
  Table,
  Pad,
  Board,
  Recap,
  Rules,
  Aid,
  example: '7t, 3a or =1182',
  shortcuts: [
    ['0 … 9', 'the digit drawn'],
    ['O, T, H, M', 'into the ones, tens, hundreds, thousands'],
    ['A', 'throw it away'],
    ['S', 'the right total said'],
  ],
  fill(given) {
    const play = given as KeeperPlay
    return play.do === 'put' ? { card: play.card } : null
  },
  reveal(given) {
    const play = given as KeeperPlay
    return play.do === 'put' ? { kind: 'card', values: [play.card] } : null
  },
}

export default view
