import { skipCountYard } from '#core/games/skip-count-yard/index'
import type { YardPlay } from '#core/games/skip-count-yard/rules'
import Aid from '~/games/skip-count-yard/Aid.vue'
import Board from '~/games/skip-count-yard/Board.vue'
import Pad from '~/games/skip-count-yard/Pad.vue'
import Rules from '~/games/skip-count-yard/Rules.vue'
import Table from '~/games/skip-count-yard/Table.vue'
import type { YardEntry } from '~/games/skip-count-yard/useYardEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<YardPlay>({
  game: skipCountYard,
  Table,
  Pad,
  Board,
  board: { tall: true },
  Recap: shownLater(() => import('~/games/skip-count-yard/Recap.vue')),
  Rules,
  Aid,
  Opening: shownLater(() => import('~/games/skip-count-yard/Opening.vue')),
  typed: [
    ['15 N', 'puts 15 on the north side (N, E, S, W, NE, SE, SW, NW)'],
    ['N>SE 2', 'moves the upper two cards of the north side to the south-east corner'],
    ['draw', 'draws unseen; draw 15 where it is shown'],
    ['end', 'ends the turn'],
  ],
  fill: (play): YardEntry =>
    play.do === 'add'
      ? { card: play.card, from: null }
      : play.do === 'move'
        ? { card: null, from: { at: play.from, count: play.count ?? null } }
        : { card: null, from: null },
})
