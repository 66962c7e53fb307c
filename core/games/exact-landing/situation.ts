import { withSeat } from '#core/kit/seats'
import { numberPart, situationOf } from '#core/contract/situation'
import type { LandingCodes } from '#core/games/exact-landing/codes'
import type { LandingRules, LandingState } from '#core/games/exact-landing/rules'

/** Where your piece stands. */
export const situation = situationOf<LandingRules, LandingState, LandingCodes>()({
  parts: ({ low, high, start }) => ({ place: numberPart('Your piece stands on', low, high, start) }),
  state: (_rules, opened, { place }) => ({ ...opened, places: withSeat(opened.places, 1, place) }),
  rests: {
    'bad-line': /number line/,
    'goal-out-of-reach': /number line/,
  },
})
