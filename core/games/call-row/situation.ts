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
})
