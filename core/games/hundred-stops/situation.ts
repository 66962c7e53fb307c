import { withSeat } from '#core/kit/seats'
import { numberPart, situationOf } from '#core/contract/situation'
import type { StopsCodes } from '#core/games/hundred-stops/codes'
import type { StopsRules, StopsState } from '#core/games/hundred-stops/rules'

/** Where you stand. */
export const situation = situationOf<StopsRules, StopsState, StopsCodes>()({
  parts: ({ start, end, unit }) => ({
    steps: numberPart(`Steps of ${unit} from ${start} on`, 0, Math.floor((end - start) / unit)),
  }),
  state: ({ start, unit }, opened, { steps }) => ({
    ...opened,
    places: withSeat(opened.places, 1, start + steps * unit),
    fresh: steps === 0,
  }),
  rests: {
    'tens-not-spent': /tens are walked/,
    'hundreds-not-spent': /hundred is jumped/,
  },
})
