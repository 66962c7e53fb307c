import type { Game } from '#core/game'
import { hundredStops } from '#core/games/hundred-stops/index'
import type { StopsRules, Travel } from '#core/games/hundred-stops/rules'
import Aid from '~/games/hundred-stops/Aid.vue'
import Board from '~/games/hundred-stops/Board.vue'
import Pad from '~/games/hundred-stops/Pad.vue'
import Recap from '~/games/hundred-stops/Recap.vue'
import Rules from '~/games/hundred-stops/Rules.vue'
import Table from '~/games/hundred-stops/Table.vue'
import { stepsOf } from '~/games/hundred-stops/useStopsEntry'
import type { GameView } from '~/games/view'

const view: GameView = {
  game: hundredStops as unknown as Game,
  Table,
  Pad,
  Board,
  Recap,
  Rules,
  Aid,
  example: '54 2 h t9 h',
  shortcuts: [
    ['1 … 6', 'a die, then the spinner, then tens to walk'],
    ['H', 'hop a hundred'],
    ['T', 'walk one ten'],
    ['S', 'record, with the right end said'],
    ['Backspace', 'one step back'],
  ],
  fill(given) {
    const { dice, hundreds, order } = given as Travel
    return { dice, hundreds, steps: stepsOf(order) }
  },
  reveal(given, tape) {
    const { dice, hundreds } = given as Travel
    return { kind: 'die', values: [...dice, hundreds], sides: (tape.state.rules as StopsRules).sides }
  },
}

export default view
