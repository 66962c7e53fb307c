import { ofSeat, withSeat } from '#core/kit/seats'
import { numberPart, situationOf } from '#core/contract/situation'
import type { LadderCodes } from '#core/games/table-ladder/codes'
import type { LadderRules, LadderState } from '#core/games/table-ladder/rules'

/** How far your ladder is filled. */
export const situation = situationOf<LadderRules, LadderState, LadderCodes>()({
  parts: ({ rungs }) => ({ filled: numberPart('Rungs you have filled', 0, rungs) }),
  state: ({ factors }, opened, { filled }) => ({
    ...opened,
    ladders: withSeat(
      opened.ladders,
      1,
      Array.from({ length: filled }, () => {
        const product = ofSeat(factors, 1)
        return { roll: 1, product, said: product, right: true }
      }),
    ),
    fresh: filled === 0,
  }),
  rests: { 'ladder-full': /rungs a ladder/ },
})
