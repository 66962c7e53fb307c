import { withSeat } from '#core/kit/seats'
import { numbersPart, situationOf } from '#core/contract/situation'
import type { StrikeCodes } from '#core/games/place-strike/codes'
import type { StrikeRules, StrikeState } from '#core/games/place-strike/rules'

/** One of your numbers, and what is struck of it. */
export const situation = situationOf<StrikeRules, StrikeState, StrikeCodes>()({
  parts: ({ digits, sides }) => ({
    number: numbersPart('The number, digit by digit', {
      ...{ low: 1, high: sides, most: digits },
      usual: Array.from({ length: digits }, (_, i) => 1 + (i % sides)),
    }),
    struck: numbersPart('Struck places (1 is the ones)', { low: 1, high: digits, most: digits }),
  }),
  state: ({ digits }, opened, { number, struck }) => ({
    ...opened,
    // As many digits as were agreed; what is not entered is a one.
    boards: withSeat(opened.boards, 1, [Array.from({ length: digits }, (_, i) => number[i] ?? 1).join('')]),
    struck: withSeat(opened.struck, 1, [[...new Set(struck)]]),
  }),
  rests: {
    'has-a-match': /must be struck/,
    'no-such-number': /writes/,
    'already-struck': /strike that digit/,
    'no-match': /strike that digit/,
  },
  corners: ({ digits }) => {
    const number = Array.from({ length: digits }, () => 1)
    return [
      {
        asks: 'May I strike the digit at another place than rolled?',
        at: { number: [2, ...number.slice(1)] },
        play: { do: 'strike', by: 1, digit: 2, place: 1, number: 1 },
        words: 'wrong place thousands hundreds',
      },
      {
        asks: 'There is a match. May I leave it?',
        at: { number },
        play: { do: 'none', by: 1, digit: 1, place: 1 },
        words: 'overlooked skip must',
      },
      {
        asks: 'May a digit be struck twice?',
        at: { number, struck: [1] },
        play: { do: 'strike', by: 1, digit: 1, place: 1, number: 1 },
        words: 'already again',
      },
    ]
  },
})
