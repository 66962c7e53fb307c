import type { Game } from '#core/game'
import { perchAndPush } from '#core/games/perch-and-push/index'
import type { PerchPlay } from '#core/games/perch-and-push/rules'
import Board from '~/games/perch-and-push/Board.vue'
import Pad from '~/games/perch-and-push/Pad.vue'
import Recap from '~/games/perch-and-push/Recap.vue'
import Rules from '~/games/perch-and-push/Rules.vue'
import Table from '~/games/perch-and-push/Table.vue'
import type { GameView } from '~/games/view'

const view: GameView = {
  game: perchAndPush as unknown as Game,
  Table,
  Pad,
  Board,
  Recap,
  Rules,
  example: '37 13, p37 or r',
  shortcuts: [
    ['0 … 9, T', 'a card drawn (T is ten)'],
    ['A, B', 'the first or second result'],
    ['Backspace', 'remove the last card'],
  ],
  fill(given) {
    const play = given as PerchPlay
    return play.do === 'reshuffle' ? null : { cards: play.cards }
  },
  reveal(given) {
    const play = given as PerchPlay
    return play.do === 'reshuffle' ? null : { kind: 'card', values: play.cards }
  },
}

export default view
