import { exactLanding } from '#core/games/exact-landing/index'
import type { Spin } from '#core/games/exact-landing/rules'
import Aid from '~/games/exact-landing/Aid.vue'
import Board from '~/games/exact-landing/Board.vue'
import Pad from '~/games/exact-landing/Pad.vue'
import Rules from '~/games/exact-landing/Rules.vue'
import Table from '~/games/exact-landing/Table.vue'
import type { LandingEntry } from '~/games/exact-landing/useLandingEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Spin>({
  game: exactLanding,
  Table,
  Pad,
  Board,
  Recap: shownLater(() => import('~/games/exact-landing/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['+3', 'spins +3'],
    ['-2 =3', 'spins −2 and says 3'],
  ],
  fill: ({ sign, step }): LandingEntry => ({ sign, step }),
})
