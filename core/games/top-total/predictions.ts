import type { Prediction } from '#core/contract/prediction'
import { lastOf } from '#core/basics/lists'
import { combined } from '#core/kit/dice'
import { middleOfDice, moreOrLess } from '#core/kit/predictions'
import type { Roll, TopRules, TopState } from '#core/games/top-total/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<TopRules, TopState, Roll>[] = [
  moreOrLess({
    asks: 'What will the roll come to?',
    // The result before it, else one that half of the rolls are above.
    middle: ({ dice, sides, combine }, { passes }) =>
      lastOf(passes).results.at(-1) ??
      (combine === 'add'
        ? middleOfDice(dice, sides)
        : combine === 'times'
          ? Math.floor(((sides + 1) / 2) ** dice)
          : Math.floor(sides / 3)),
    brought: ({ combine }, _before, { dice }) => combined(dice, combine).equals,
  }),
]
