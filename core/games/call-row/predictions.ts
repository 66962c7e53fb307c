import type { Prediction } from '#core/contract/prediction'
import { facesOf } from '#core/kit/pack'
import { middleOf, moreOrLess } from '#core/kit/predictions'
import type { RowPlay, RowRules, RowState } from '#core/games/call-row/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<RowRules, RowState, RowPlay>[] = [
  moreOrLess({
    asks: 'What will the next card be?',
    middle: ({ pack }, { row }) => row.at(-1) ?? middleOf(facesOf(pack)),
    brought: (_rules, _before, play) => (play.do === 'deal' ? play.card : null),
  }),
]
