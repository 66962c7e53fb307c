import { askForRest } from '#core/games/ask-for-rest/index'
import type { AskPlay } from '#core/games/ask-for-rest/rules'
import Aid from '~/games/ask-for-rest/Aid.vue'
import Board from '~/games/ask-for-rest/Board.vue'
import Pad from '~/games/ask-for-rest/Pad.vue'
import Rules from '~/games/ask-for-rest/Rules.vue'
import Table from '~/games/ask-for-rest/Table.vue'
import type { AskEntry } from '~/games/ask-for-rest/useAskEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<AskPlay>({
  game: askForRest,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/ask-for-rest/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['2 6 y', 'asks player 2 for a 6 and gets it; with two players 6 y is enough'],
    ['2 6 n', 'asks player 2 for a 6: no'],
    ['d', 'draws, unseen; d4 draws a 4 and shows it'],
    ['l37', 'lays 3 and 7; t is ten'],
    ['x10', 'puts a 10 out'],
  ],
  fill(play): AskEntry | null {
    if (play.do === 'ask') return { mode: 'ask', by: null, of: play.of, cards: [play.for] }
    // A right pair would be recorded as soon as it is whole, so its cards are touched anew.
    return play.do === 'draw' ? null : { mode: play.do, by: play.by, of: null, cards: [] }
  },
})
