import type { Prediction } from '#core/contract/prediction'
import { middleOfDice, moreOrLess } from '#core/kit/predictions'
import type { LadderRules, LadderState, RungPlay } from '#core/games/table-ladder/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<LadderRules, LadderState, RungPlay>[] = [
  moreOrLess({
    asks: 'What will the die show?',
    middle: ({ sides }) => middleOfDice(1, sides),
    brought: (_rules, _before, { roll }) => roll,
  }),
]
