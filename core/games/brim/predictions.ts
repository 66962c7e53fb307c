import type { Prediction } from '#core/contract/prediction'
import { total } from '#core/kit/dice'
import { allDice } from '#core/games/brim/dice'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<BrimRules, BrimState, BrimPlay>[] = [
  {
    id: 'fits',
    asks: 'Will it fit?',
    choices: () => ['It fits', 'It spills over'],
    // Frozen dice decide nothing yet: the turn is over when it stops.
    came: ({ limit }, before, play) => (play.do === 'stop' ? (total(allDice(before)) <= limit ? 0 : 1) : null),
  },
]
