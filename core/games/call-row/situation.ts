import { choicePart, numbersPart, situationOf } from '#core/contract/situation'
import type { RowCodes } from '#core/games/call-row/codes'
import type { RowRules, RowState } from '#core/games/call-row/rules'

/** The row that lies there, and whether you may call. */
export const situation = situationOf<RowRules, RowState, RowCodes>()({
  parts: ({ pack }) => ({
    row: numbersPart('The row', { ...pack, most: 40, usual: [pack.low, pack.high] }),
    sits: choicePart('You', ['may call', 'sit out until another card is dealt']),
  }),
  state: (_rules, opened, { row, sits }) => ({ ...opened, row, sitting: sits === 1 ? [1] : [] }),
  rests: {
    'stock-empty': /face up one after another/,
    'sitting-out': /wrong call/i,
    'not-in-row': /into a row/,
    'too-many-cards': /cards? at most|at most/,
    'wrong-total': /calls them/,
    'signs-wrong': /calls them/,
  },
  corners: ({ target, pack, wrongCall }) => [
    {
      asks: 'May one card alone be called?',
      at: { row: [Math.min(target, pack.high)] },
      play: { do: 'call', by: 1, cards: [Math.min(target, pack.high)] },
      words: 'single ten',
    },
    {
      asks: 'May a call take away, as in 8 + 6 − 4?',
      at: { row: [8, 6, 4] },
      play: { do: 'call', by: 1, cards: [8, 6, 4], signs: ['+', '+', '-'] },
      words: 'minus subtract difference',
    },
    ...(wrongCall === 'sit-out'
      ? [
          {
            asks: 'May I call while I sit out?',
            at: { row: [Math.min(target, pack.high)], sits: 1 },
            play: { do: 'call', by: 1, cards: [Math.min(target, pack.high)] },
            words: 'wrong call penalty',
          },
        ]
      : []),
  ],
})
