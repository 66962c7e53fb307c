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
  corners: ({ low, high, steps }) => [
    {
      asks: 'What if a spin leads off the line?',
      at: { place: high },
      play: { do: 'spin', by: 1, sign: '+', step: Math.max(...steps) },
      words: 'past over end beyond',
    },
    {
      asks: 'What if it leads below the line?',
      at: { place: low },
      play: { do: 'spin', by: 1, sign: '-', step: Math.max(...steps) },
      words: 'under zero negative',
    },
    {
      asks: 'May a step count that is not on the spinner?',
      play: { do: 'spin', by: 1, sign: '+', step: Math.max(...steps) + 1 },
      words: 'between fields',
    },
  ],
})
