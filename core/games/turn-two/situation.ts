import { choicePart, gappedPart, numbersPart, situationOf } from '#core/contract/situation'
import type { PairCodes } from '#core/games/turn-two/codes'
import type { PairRules, PairState } from '#core/games/turn-two/rules'

/** What was seen at each place, and whether the stock has cards. */
export const situation = situationOf<PairRules, PairState, PairCodes>()({
  parts: ({ pack }, { places: { length: most } }) => ({
    seen: gappedPart('What was seen, place by place', '?', { ...pack, most }),
    taken: numbersPart('Places whose cards are taken', { low: 1, high: most, most }),
    stock: choicePart('The stock', ['cards left', 'empty']),
  }),
  state: ({ pack }, opened, { seen, taken, stock }) => ({
    ...opened,
    places: opened.places.map((place, i) => {
      if (taken.includes(i + 1)) return { lies: false, seen: null }
      const card = seen[i] ?? pack.low - 1
      return { ...place, seen: card < pack.low ? null : card }
    }),
    stock: stock === 1 ? 0 : opened.stock,
    fresh: false,
  }),
  rests: {
    'wrong-count': /Turn /,
    'same-place': /Turn /,
    'empty-place': /laid out/,
    'seen-different': 'What was seen at a place lies there until it is taken.',
    'not-stuck': /until no match|no match is left/i,
  },
  corners: ({ pack, perTurn }) => {
    const at = Array.from({ length: perTurn }, (_, i) => i + 1)
    return [
      {
        asks: 'May I turn the same place twice?',
        play: { do: 'turn', by: 1, at: at.map(() => 1), cards: at.map(() => pack.low) },
        words: 'same card',
      },
      {
        asks: 'They don’t match. Is that a turn all the same?',
        play: { do: 'turn', by: 1, at, cards: at.map(() => pack.low + 1) },
        words: 'miss wrong turn passes',
      },
      {
        asks: 'The card is another than we saw there. What now?',
        at: { seen: [pack.high] },
        play: { do: 'turn', by: 1, at, cards: at.map((_, i) => pack.low + i) },
        words: 'moved mixed up remembered',
      },
    ]
  },
})
