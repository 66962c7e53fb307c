import type { Prediction } from '#core/contract/prediction'
import type { PairPlay, PairRules, PairState } from '#core/games/turn-two/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<PairRules, PairState, PairPlay>[] = [
  {
    id: 'pair',
    asks: 'Will they make the target?',
    choices: () => ['They do', 'They don’t'],
    came: (_rules, _before, play, after) => (play.do === 'turn' ? (after.newest?.match ? 0 : 1) : null),
  },
]
