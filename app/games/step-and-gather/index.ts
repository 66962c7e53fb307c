import { stepAndGather } from '#core/games/step-and-gather/index'
import type { Step } from '#core/games/step-and-gather/rules'
import Aid from '~/games/step-and-gather/Aid.vue'
import Board from '~/games/step-and-gather/Board.vue'
import Pad from '~/games/step-and-gather/Pad.vue'
import Rules from '~/games/step-and-gather/Rules.vue'
import Table from '~/games/step-and-gather/Table.vue'
import type { StepEntry } from '~/games/step-and-gather/useStepEntry'
import { defineView, shownLater } from '~/games/view'

export default defineView<Step>({
  game: stepAndGather,
  Table,
  Pad,
  Board,
  board: { each: 2 },
  Recap: shownLater(() => import('~/games/step-and-gather/Recap.vue')),
  Rules,
  Aid,
  typed: [
    ['4', 'rolls 4'],
    ['4 @9 =23', 'stands on space 9 and says that makes 23'],
  ],
  fill: ({ roll, landed }): StepEntry => ({ roll, ...(landed === undefined ? {} : { landed }) }),
})
