import { withSeat } from '#core/kit/seats'
import { choicePart, gappedPart, numbersPart, situationOf } from '#core/contract/situation'
import type { HeapCodes } from '#core/games/six-heaps/codes'
import type { HeapRules, HeapState } from '#core/games/six-heaps/rules'

/** What lies on top of the heaps, and what you hold. */
export const situation = situationOf<HeapRules, HeapState, HeapCodes>()({
  parts: ({ rows, columns, pack, hand }) => ({
    tops: gappedPart('Tops, row by row', '–', { ...pack, most: rows * columns }),
    hand: numbersPart('All of your hand, where it is seen', { ...pack, most: hand }),
    stock: choicePart('The stock', ['cards left', 'empty']),
  }),
  state: ({ columns, pack }, opened, { tops, hand, stock }) => ({
    ...opened,
    heaps: opened.heaps.map((row, r) =>
      row.map((_, c) => {
        const top = tops[r * columns + c] ?? pack.low - 1
        return top < pack.low ? [] : [top]
      }),
    ),
    hands: hand.length ? withSeat(opened.hands, 1, { size: hand.length, known: hand }) : opened.hands,
    stock: stock === 1 ? 0 : opened.stock,
    fresh: false,
  }),
  rests: {
    'stock-empty': /drawn up again|each hand/,
    'no-such-heap': /places:/,
    'same-number': /but its own number/,
    'can-still-place': 'Whoever can place a card, places one.',
  },
  corners: ({ pack }) => [
    {
      asks: 'May a card go onto its own number?',
      at: { tops: [pack.high] },
      play: { do: 'place', by: 1, card: pack.high, at: [1, 1] },
      words: 'same number top',
    },
    {
      asks: 'May a card go onto a bare place?',
      play: { do: 'place', by: 1, card: pack.high, at: [1, 1] },
      words: 'empty',
    },
    { asks: 'May I pass?', at: { tops: [pack.high] }, play: { do: 'pass', by: 1 }, words: 'skip turn' },
  ],
})
