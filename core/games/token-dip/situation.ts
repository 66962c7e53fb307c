import { total } from '#core/kit/dice'
import { withSeat } from '#core/kit/seats'
import { choicePart, numbersPart, situationOf } from '#core/contract/situation'
import type { DipCodes } from '#core/games/token-dip/codes'
import type { DipRules, DipState } from '#core/games/token-dip/rules'

/** The tokens before you, and whether they were counted against the tape. */
export const situation = situationOf<DipRules, DipState, DipCodes>()({
  parts: ({ key }) => ({
    dish: {
      ...numbersPart('Tokens before you', { low: 0, high: key.length - 1, most: 30 }),
      names: key.map(({ token }) => token),
    },
    counted: choicePart('Counted against the tape', ['not yet', 'and it agreed']),
  }),
  state: ({ key }, opened, { dish, counted }) => ({
    ...opened,
    dishes: withSeat(
      opened.dishes,
      1,
      dish.flatMap((i) => key[i]?.token ?? []),
    ),
    totals: withSeat(opened.totals, 1, total(dish.map((i) => key[i]?.worth ?? 0))),
    agreed: withSeat(opened.agreed, 1, counted === 1),
    fresh: dish.length === 0,
  }),
  rests: {
    'no-such-token': / is \d/,
    'bag-has-no-more': /bag/,
    'recount-differs': /counted against the tape/,
  },
  corners: ({ key }) => {
    const token = key[0]?.token ?? ''
    return [
      {
        asks: 'A token came up that the key doesn’t name. May it count?',
        play: { do: 'dip', by: 1, token: `${token} with a hole` },
        words: 'unknown colour button',
      },
      {
        asks: 'What lies there is not what was written. What now?',
        at: { dish: [0] },
        play: { do: 'recount', by: 1, counts: { [token]: 2 } },
        words: 'recount differs missing lost token',
      },
      {
        asks: 'May we count what lies there at any time?',
        at: { dish: [0] },
        play: { do: 'recount', by: 1, counts: { [token]: 1 } },
        words: 'recount check',
      },
    ]
  },
})
