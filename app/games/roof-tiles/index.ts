import { roofTiles } from '#core/games/roof-tiles/index'
import type { RoofPlay } from '#core/games/roof-tiles/rules'
import Aid from '~/games/roof-tiles/Aid.vue'
import Board from '~/games/roof-tiles/Board.vue'
import Pad from '~/games/roof-tiles/Pad.vue'
import Rules from '~/games/roof-tiles/Rules.vue'
import Table from '~/games/roof-tiles/Table.vue'
import type { RoofEntry } from '~/games/roof-tiles/useRoofEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<RoofPlay>({
  game: roofTiles,
  Table,
  Pad,
  Board,
  board: { each: 2 },
  Recap: shownLater(() => import('~/games/roof-tiles/Recap.vue')),
  Rules,
  Aid,
  Opening: shownLater(() => import('~/games/roof-tiles/Opening.vue')),
  leftAdded: true,
  typed: [
    ['1: 6.1 6.3', 'player 1 takes the first and third tile of row 6'],
    ['1: 6.2 t', 'takes a tile with the turned card'],
    ['1: t7', 'turns a 7'],
    ['1: done', 'stops'],
  ],
  // Whose roof it was; a take that is right would be recorded as soon as it is complete, so it is touched anew.
  fill: ({ by }): RoofEntry => ({ seat: by, tiles: [], turned: false }),
})
