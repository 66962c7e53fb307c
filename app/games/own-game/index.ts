import { ownGame } from '#core/games/own-game/index'
import type { OwnPlay } from '#core/games/own-game/rules'
import Aid from '~/games/own-game/Aid.vue'
import Board from '~/games/own-game/Board.vue'
import Pad from '~/games/own-game/Pad.vue'
import Rules from '~/games/own-game/Rules.vue'
import Table from '~/games/own-game/Table.vue'
import { entryOf } from '~/games/own-game/useOwnEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<OwnPlay>({
  game: ownGame,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/own-game/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['34', 'throws 3 and 4'],
    ['3 4 =7', 'and says that makes 7'],
    ['3 4 5 calc (3+4)*5', 'with a number sentence'],
    ['stop', 'keeps what lies in the pot'],
  ],
  fill: (play) => entryOf(play),
})
