import { withSeat } from '#core/kit/seats'
import { numbersPart, situationOf } from '#core/contract/situation'
import type { KeeperCodes } from '#core/games/column-keeper/codes'
import type { KeeperRules, KeeperState } from '#core/games/column-keeper/rules'

/** What lies in your columns, and what you threw away. */
export const situation = situationOf<KeeperRules, KeeperState, KeeperCodes>()({
  parts: ({ columns, perColumn, discards, pack }) => ({
    ones: numbersPart('Ones', { ...pack, most: perColumn }),
    tens: numbersPart('Tens', { ...pack, most: perColumn }),
    hundreds: numbersPart('Hundreds', { ...pack, most: columns > 2 ? perColumn : 0 }),
    thousands: numbersPart('Thousands', { ...pack, most: columns > 3 ? perColumn : 0 }),
    aside: numbersPart('Thrown away', { ...pack, most: discards }),
  }),
  state: ({ columns }, opened, { ones, tens, hundreds, thousands, aside }) => ({
    ...opened,
    fresh: false,
    sheets: withSeat(opened.sheets, 1, { columns: [ones, tens, hundreds, thousands].slice(0, columns), aside }),
  }),
  rests: {
    'no-such-column': /in each of/,
    'column-full': /in each of/,
    'no-discards-left': /thrown away|draws/,
  },
  corners: ({ perColumn, discards, pack }) => [
    {
      asks: 'May one card more go into a full column?',
      at: { ones: Array.from({ length: perColumn }, (_, i) => pack.low + (i % 2)) },
      play: { do: 'put', by: 1, card: pack.high, in: 'ones' },
      words: 'third card column',
    },
    {
      asks: 'May I throw one card more away?',
      at: { aside: Array.from({ length: discards }, (_, i) => pack.low + (i % 2)) },
      play: { do: 'put', by: 1, card: pack.high, in: 'aside' },
      words: 'discard second',
    },
    { asks: 'May I say my total before all are full?', play: { do: 'total', by: 1, said: 1 }, words: 'sum early' },
  ],
})
