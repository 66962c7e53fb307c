import type { Game } from '#core/game'
import { brim } from '#core/games/brim/index'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import Board from '~/games/brim/Board.vue'
import Odds from '~/games/brim/Odds.vue'
import Pad from '~/games/brim/Pad.vue'
import Recap from '~/games/brim/Recap.vue'
import Rules from '~/games/brim/Rules.vue'
import Table from '~/games/brim/Table.vue'
import type { GameView } from '~/games/view'

const view: GameView = {
  game: brim as unknown as Game,
  Table,
  Pad,
  Board,
  Recap,
  Rules,
  Aid: Odds,
  example: '65431, k65 r312 or s19',
  shortcuts: [
    ['1 … 9', 'a die shows this'],
    ['Shift + 1 … 8', 'freeze the loose die at this place'],
    ['Backspace', 'remove the last die'],
    ['S', 'stop, with the right sum said'],
  ],
  fill(given, tape) {
    const play = given as BrimPlay
    if (play.do !== 'roll') return null
    const { loose } = tape.state.game as BrimState
    const keep: number[] = []
    for (const value of play.keep ?? []) {
      const place = loose.findIndex((face, i) => face === value && !keep.includes(i))
      if (place >= 0) keep.push(place)
    }
    return { keep, dice: play.dice }
  },
  reveal(given, tape) {
    const play = given as BrimPlay
    return play.do === 'roll' ? { kind: 'die', values: play.dice, sides: (tape.state.rules as BrimRules).sides } : null
  },
}

export default view
