import type { Prediction } from '#core/contract/prediction'
import { total } from '#core/kit/dice'
import { middleOfDice, moreOrLess } from '#core/kit/predictions'
import type { StopsRules, StopsState, Travel } from '#core/games/hundred-stops/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<StopsRules, StopsState, Travel>[] = [
  moreOrLess({
    asks: 'How much will the dice show together?',
    middle: ({ dice, sides }) => middleOfDice(dice, sides),
    brought: (_rules, _before, { dice }) => total(dice),
  }),
]
