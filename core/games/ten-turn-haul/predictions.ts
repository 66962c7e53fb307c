import type { Prediction } from '#core/contract/prediction'
import { middleOf, moreOrLess } from '#core/kit/predictions'
import type { HaulRules, HaulState, Spin } from '#core/games/ten-turn-haul/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<HaulRules, HaulState, Spin>[] = [
  moreOrLess({
    asks: 'What will the spinner bring?',
    middle: ({ faces }) => middleOf(faces),
    brought: (_rules, _before, { value }) => value,
  }),
]
