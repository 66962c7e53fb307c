import { withSeat } from '#core/kit/seats'
import { numberPart, situationOf } from '#core/contract/situation'
import type { TopCodes } from '#core/games/top-total/codes'
import type { TopRules, TopState } from '#core/games/top-total/rules'

/** What the other rolled in this round, where they rolled first. */
export const situation = situationOf<TopRules, TopState, TopCodes>()({
  parts: ({ rounds }) => ({
    rolled: numberPart('The other came to (0: has not rolled)', 0, 10000),
    won: numberPart('Rounds you have won', 0, Math.max(0, rounds - 1)),
  }),
  state: (_rules, opened, { rolled, won }) => ({
    ...opened,
    won: withSeat(opened.won, 1, won),
    ...(rolled > 0 ? { first: 2, fresh: false, passes: [{ seats: [2, 1], results: [rolled] }] } : {}),
  }),
  rests: {},
})
