import { sayItFirst } from '#core/games/say-it-first/index'
import type { Round } from '#core/games/say-it-first/rules'
import Aid from '~/games/say-it-first/Aid.vue'
import Board from '~/games/say-it-first/Board.vue'
import Pad from '~/games/say-it-first/Pad.vue'
import Rules from '~/games/say-it-first/Rules.vue'
import Table from '~/games/say-it-first/Table.vue'
import type { FirstEntry } from '~/games/say-it-first/useFirstEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Round>({
  game: sayItFirst,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/say-it-first/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['37 1', '3 and 7 turned; the first player was right and said how'],
    ['37 2=9, 1', 'the second player said 9 before'],
    ['37', 'nobody knew'],
  ],
  fill: ({ cards, answers }): FirstEntry => ({ cards, answers }),
})
