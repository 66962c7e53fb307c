import type { Game } from '#core/game'
import { roofTiles } from '#core/games/roof-tiles/index'
import type { RoofPlay } from '#core/games/roof-tiles/rules'
import Aid from '~/games/roof-tiles/Aid.vue'
import Board from '~/games/roof-tiles/Board.vue'
import Opening from '~/games/roof-tiles/Opening.vue'
import Pad from '~/games/roof-tiles/Pad.vue'
import Recap from '~/games/roof-tiles/Recap.vue'
import Rules from '~/games/roof-tiles/Rules.vue'
import Table from '~/games/roof-tiles/Table.vue'
import type { GameView } from '~/games/view'

const view: GameView = {
  game: roofTiles as unknown as Game,
  Table,
  Pad,
  Board,
  Recap,
  Rules,
  Aid,
  Opening,
  example: '1: 6.1 6.3, 1: 6.2 t or 1: t7',
  shortcuts: [
    ['1 … 9, T', 'the card turned from the stock'],
    ['Enter', 'turn the next (dealt, or when the order is known)'],
    ['Esc', 'clear what is touched'],
  ],
  // Whose roof it was; a take that is right would be recorded as soon as it is complete, so it is touched anew.
  fill: (given) => ({ seat: (given as RoofPlay).by, tiles: [], turned: false }),
  reveal(given) {
    const play = given as RoofPlay
    return play.do === 'turn' ? { kind: 'card', values: [play.card] } : null
  },
}

export default view
