import { brim } from '#core/games/brim/index'
import { stateIn } from '~/composables/useTable'
import type { BrimPlay } from '#core/games/brim/rules'
import Board from '~/games/brim/Board.vue'
import Odds from '~/games/brim/Odds.vue'
import Pad from '~/games/brim/Pad.vue'
import Rules from '~/games/brim/Rules.vue'
import Table from '~/games/brim/Table.vue'
import type { BrimEntry } from '~/games/brim/useBrimEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<BrimPlay>({
  game: brim,
  Table,
  Pad,
  Board,
  board: { tall: true },
  Recap: shownLater(() => import('~/games/brim/Recap.vue')),
  Rules,
  Aid: Odds,
  typed: [
    ['65431', 'the first roll'],
    ['k65 r312', 'freezes 6 and 5, rolls the rest'],
    ['s19', 'stops and says 19'],
  ],
  fill(play, tape): BrimEntry | null {
    if (play.do !== 'roll') return null
    const { loose } = stateIn(brim, tape.state)
    const keep: number[] = []
    for (const value of play.keep ?? []) {
      const place = loose.findIndex((face, i) => face === value && !keep.includes(i))
      if (place >= 0) keep.push(place)
    }
    return { keep, dice: play.dice }
  },
})
