import { withSeat } from '#core/kit/seats'
import { choicePart, numberPart, numbersPart, situationOf } from '#core/contract/situation'
import type { EbbCodes } from '#core/games/ebb-and-flow/codes'
import type { EbbRules, EbbState } from '#core/games/ebb-and-flow/rules'

/** What you have, and whether a wild lies. */
export const situation = situationOf<EbbRules, EbbState, EbbCodes>()({
  parts: ({ start, ranks }) => ({
    total: numberPart('You have', -99, 999, start),
    wild: choicePart('A wild', ['does not lie', 'was turned just now']),
    gone: numbersPart('Cards that were turned already', { low: 0, high: Math.max(...ranks), most: 24 }),
  }),
  state: (_rules, opened, { total, wild, gone }) => ({
    ...opened,
    totals: withSeat(opened.totals, 1, total),
    wild: wild === 1,
    gone,
    fresh: wild === 0,
  }),
  rests: {},
})
