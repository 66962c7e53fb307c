import { placeStrike } from '#core/games/place-strike/index'
import type { StrikePlay } from '#core/games/place-strike/rules'
import Aid from '~/games/place-strike/Aid.vue'
import Board from '~/games/place-strike/Board.vue'
import Pad from '~/games/place-strike/Pad.vue'
import Rules from '~/games/place-strike/Rules.vue'
import Table from '~/games/place-strike/Table.vue'
import type { StrikeEntry } from '~/games/place-strike/useStrikeEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<StrikePlay>({
  game: placeStrike,
  Table,
  Pad,
  Board,
  board: { each: 2 },
  Recap: shownLater(() => import('~/games/place-strike/Recap.vue')),
  Rules,
  Aid,
  Opening: shownLater(() => import('~/games/place-strike/Opening.vue')),
  typed: [
    ['432', 'strikes the 4 in the hundreds of number 2'],
    ['4h2', 'the same, the place by its letter (o, t, h, th, tt, ht)'],
    ['43-', 'no 4 in the hundreds'],
  ],
  fill: ({ digit, place }): StrikeEntry => ({ digit, place }),
})
