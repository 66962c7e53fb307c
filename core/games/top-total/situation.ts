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
  corners: ({ dice, sides }) => [
    {
      asks: 'A die fell off the table. Do the others count alone?',
      play: { do: 'roll', by: 1, dice: Array.from({ length: Math.max(0, dice - 1) }, () => 1) },
      words: 'missing die floor cocked',
    },
    {
      asks: 'May a die count more than its sides?',
      play: { do: 'roll', by: 1, dice: Array.from({ length: dice }, () => sides + 1) },
      words: 'face wrong die',
    },
    {
      asks: 'May I roll before it is my turn?',
      play: { do: 'roll', by: 2, dice: Array.from({ length: dice }, () => 1) },
      words: 'order',
    },
  ],
})
