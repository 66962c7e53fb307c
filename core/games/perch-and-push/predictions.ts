import type { Prediction } from '#core/contract/prediction'
import { total } from '#core/kit/dice'
import type { PerchPlay, PerchRules, PerchState } from '#core/games/perch-and-push/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<PerchRules, PerchState, PerchPlay>[] = [
  {
    id: 'push',
    asks: 'Will somebody be pushed off?',
    choices: () => ['Somebody is', 'Nobody is'],
    came: (_rules, before, play, after) =>
      play.do === 'place' ? (total(after.points) > total(before.points) ? 0 : 1) : null,
  },
]
