import { numbersPart, situationOf } from '#core/contract/situation'
import type { FirstCodes } from '#core/games/say-it-first/codes'
import type { FirstRules, FirstState } from '#core/games/say-it-first/rules'

/** What lies in the pot, and what was turned before. */
export const situation = situationOf<FirstRules, FirstState, FirstCodes>()({
  parts: ({ pack }) => ({
    pot: numbersPart('In the pot', { ...pack, most: 8 }),
    gone: numbersPart('Cards that were turned already', { ...pack, most: 30 }),
  }),
  state: (_rules, opened, { pot, gone }) => ({ ...opened, pot, gone: [...gone, ...pot] }),
  rests: { 'wrong-card-count': /everyone turns one/ },
})
