import type { Prediction } from '#core/contract/prediction'
import { middleOf, moreOrLess } from '#core/kit/predictions'
import { worthOf } from '#core/games/token-dip/rules'
import type { DipPlay, DipRules, DipState } from '#core/games/token-dip/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<DipRules, DipState, DipPlay>[] = [
  moreOrLess({
    asks: 'How much will the token be worth?',
    middle: ({ key }) => middleOf(key.map(({ worth }) => worth)),
    brought: (rules, _before, play) => (play.do === 'dip' ? (worthOf(rules, play.token) ?? null) : null),
  }),
]
