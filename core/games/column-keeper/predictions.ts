import type { Prediction } from '#core/contract/prediction'
import { facesOf } from '#core/kit/pack'
import { middleOf, moreOrLess } from '#core/kit/predictions'
import type { KeeperPlay, KeeperRules, KeeperState } from '#core/games/column-keeper/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<KeeperRules, KeeperState, KeeperPlay>[] = [
  moreOrLess({
    asks: 'What will the next digit be?',
    middle: ({ pack }) => middleOf(facesOf(pack)),
    brought: (_rules, _before, play) => (play.do === 'put' ? play.card : null),
  }),
]
