import { total } from '#core/kit/dice'
import { withSeat } from '#core/kit/seats'
import { numbersPart, situationOf } from '#core/contract/situation'
import type { HaulCodes } from '#core/games/ten-turn-haul/codes'
import type { HaulRules, HaulState } from '#core/games/ten-turn-haul/rules'

/** What you spun so far. */
export const situation = situationOf<HaulRules, HaulState, HaulCodes>()({
  parts: ({ faces, turns }) => ({
    spins: numbersPart('What you spun so far', {
      ...{ low: Math.min(...faces), high: Math.max(...faces), most: Math.max(0, turns - 1) },
    }),
  }),
  state: (_rules, opened, { spins }) => ({
    ...opened,
    spins: withSeat(opened.spins, 1, spins),
    totals: withSeat(opened.totals, 1, total(spins)),
    fresh: spins.length === 0,
  }),
  rests: {},
})
