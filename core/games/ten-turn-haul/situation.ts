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
  corners: ({ faces }) => [
    {
      asks: 'The pointer stands on a line. May we make up a number?',
      play: { do: 'spin', by: 1, value: Math.max(...faces) + 1 },
      words: 'between fields spinner',
    },
    {
      asks: 'Somebody adds up wrong. Does the spin count?',
      at: { spins: [faces[0] ?? 1] },
      play: { do: 'spin', by: 1, value: faces[0] ?? 1, said: 2 * (faces[0] ?? 1) + 1 },
      words: 'running total mistake',
    },
    { asks: 'May I spin twice in a turn?', play: { do: 'spin', by: 2, value: faces[0] ?? 1 }, words: 'again' },
  ],
})
