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
  corners: ({ factors, sides, rungs }) => {
    const factor = ofSeat(factors, 1)
    return [
      {
        asks: 'A product is said wrong. Is the rung filled?',
        play: { do: 'rung', by: 1, roll: 2, said: 2 * factor + 1 },
        words: 'mistake wrong answer try again',
      },
      {
        asks: 'May I go on when my ladder is full?',
        at: { filled: rungs },
        play: { do: 'rung', by: 1, roll: 1, said: factor },
        words: 'finished more',
      },
      {
        asks: 'May a roll count more than the die has?',
        play: { do: 'rung', by: 1, roll: sides + 1, said: (sides + 1) * factor },
        words: 'face sides',
      },
    ]
  },
})
