import type { Prediction } from '#core/contract/prediction'
import { middleOfDice, moreOrLess } from '#core/kit/predictions'
import type { Step, StepRules, StepState } from '#core/games/step-and-gather/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<StepRules, StepState, Step>[] = [
  moreOrLess({
    asks: 'What will the die show?',
    middle: ({ sides }) => middleOfDice(1, sides),
    brought: (_rules, _before, { roll }) => roll,
  }),
]
