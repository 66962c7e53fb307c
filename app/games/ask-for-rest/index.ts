import type { Game } from '#core/game'
import { askForRest } from '#core/games/ask-for-rest/index'
import type { AskPlay } from '#core/games/ask-for-rest/rules'
import Aid from '~/games/ask-for-rest/Aid.vue'
import Board from '~/games/ask-for-rest/Board.vue'
import Pad from '~/games/ask-for-rest/Pad.vue'
import Recap from '~/games/ask-for-rest/Recap.vue'
import Rules from '~/games/ask-for-rest/Rules.vue'
import Table from '~/games/ask-for-rest/Table.vue'
import type { GameView } from '~/games/view'

const view: GameView = {
  game: askForRest as unknown as Game,
  Table,
  Pad,
  Board,
  Recap,
  Rules,
  Aid,
  example: '2 6 y, 2 6 n, d or l37',
  shortcuts: [
    ['F1 … F4', 'whom one asks (or who lays)'],
    ['1 … 9, T', 'the card'],
    ['G, N', 'gave it, no'],
    ['D', 'draw, unseen'],
    ['P, X, A', 'a pair spotted, put out, back to asking'],
  ],
  fill(given) {
    const play = given as AskPlay
    if (play.do === 'ask') return { mode: 'ask', by: null, of: play.of, cards: [play.for] }
    // A right pair would be recorded as soon as it is whole, so its cards are touched anew.
    return play.do === 'draw' ? null : { mode: play.do, by: play.by, of: null, cards: [] }
  },
}

export default view
