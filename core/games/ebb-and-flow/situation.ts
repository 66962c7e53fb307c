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
  corners: ({ swing, ranks, wilds }) => {
    const colour = swing === 'colour' ? { colour: 'cool' } : {}
    const odd = ranks.find((rank) => rank % 2 === 1) ?? ranks[0] ?? 1
    return [
      {
        asks: 'What if more is taken than one has?',
        at: { total: 1 },
        play: { do: 'flip', by: 1, card: odd, ...colour },
        words: 'below zero negative nothing left',
      },
      ...(wilds > 0
        ? [
            {
              asks: 'A wild, then an odd card: is it added?',
              at: { wild: 1 },
              play: { do: 'flip', by: 1, card: odd, ...colour },
              words: 'joker after',
            },
            {
              asks: 'Two wilds in a row: what now?',
              at: { wild: 1 },
              play: { do: 'flip', by: 1, card: 'wild' },
              words: 'joker second',
            },
          ]
        : []),
      { asks: 'May I flip for somebody else?', play: { do: 'flip', by: 2, card: odd, ...colour }, words: 'turn order' },
    ]
  },
})
