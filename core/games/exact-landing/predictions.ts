import type { Prediction } from '#core/contract/prediction'
import { ofSeat } from '#core/kit/seats'
import type { LandingRules, LandingState, Spin } from '#core/games/exact-landing/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<LandingRules, LandingState, Spin>[] = [
  {
    id: 'nearer',
    asks: 'Where will the spin lead?',
    choices: () => ['Nearer to the goal', 'No nearer', 'Right onto it'],
    came: ({ goal }, before, { by }, after) => {
      const [from, to] = [ofSeat(before.places, by), ofSeat(after.places, by)]
      return to === goal ? 2 : Math.abs(goal - to) < Math.abs(goal - from) ? 0 : 1
    },
  },
]
