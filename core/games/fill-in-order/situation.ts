import { choicePart, numbersPart, situationOf } from '#core/contract/situation'
import type { FillCodes } from '#core/games/fill-in-order/codes'
import type { FillRules, FillState } from '#core/games/fill-in-order/rules'

const TOPS = ['nothing', ...Array.from({ length: 10 }, (_, i) => String(i + 1)), 'a jack', 'a queen', 'a king']
const FACES = [null, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 'J', 'Q', 'K'] as const

/** Which of your places are filled, and what lies on top of the discards. */
export const situation = situationOf<FillRules, FillState, FillCodes>()({
  parts: ({ slots }) => ({
    filled: numbersPart('Your places that are filled', { low: 1, high: slots, most: Math.max(0, slots - 1) }),
    top: choicePart('On top of the discards', TOPS),
  }),
  state: (_rules, opened, { filled, top }) => {
    const face = FACES[top] ?? null
    return {
      ...opened,
      layouts: opened.layouts.map((layout, i) =>
        i === 0 ? layout.map((_, at) => (filled.includes(at + 1) ? at + 1 : null)) : layout,
      ),
      discards: face === null ? [] : [face],
      begun: filled.length > 0 || face !== null,
      placed: filled.length > 0,
    }
  },
  rests: {
    'could-not-go-there': /goes to its place/,
    'keeps-going': /until one can’t go/,
    'discard-useless': /if it fits/,
    'discard-was': /take the discard/,
  },
  corners: ({ slots, wild, pictures }) => [
    {
      asks: 'May I stop although the card would fit?',
      play: { do: 'turn', by: 1, from: 'stock', cards: [1] },
      words: 'keep going end turn',
    },
    {
      asks: 'May I take a discard that doesn’t fit?',
      at: { filled: slots > 1 ? [1] : [], top: slots > 1 ? 1 : 10 },
      play: { do: 'turn', by: 1, from: 'discard', cards: [slots > 1 ? 1 : 10] },
      words: 'useless open card',
    },
    ...(pictures
      ? [
          {
            asks: 'A picture came. Is the turn over?',
            play: { do: 'turn', by: 1, from: 'stock', cards: ['Q'] },
            words: 'queen jack king',
          },
        ]
      : []),
    ...(wild !== 'none'
      ? [
          {
            asks: 'May a wild go to any place?',
            play: { do: 'turn', by: 1, from: 'stock', cards: [{ wild, slot: 1 }, 'Q'] },
            words: 'king jack joker',
          },
        ]
      : []),
  ],
})
