import { combined } from '#core/kit/dice'
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
  corners: ({ pack, combine }) => {
    const cards = [pack.low, pack.low]
    const said = combined(cards, combine).equals
    return [
      {
        asks: 'May somebody answer twice?',
        play: {
          do: 'round',
          cards,
          answers: [
            { by: 1, said: said + 1, explained: true },
            { by: 1, said, explained: true },
          ],
        },
        words: 'second try guess again',
      },
      {
        asks: 'Nobody is right. Who gets the cards?',
        play: { do: 'round', cards, answers: [{ by: 1, said: said + 1, explained: true }] },
        words: 'pot unclaimed wrong',
      },
      {
        asks: 'Right, but without saying why: do the cards count?',
        play: { do: 'round', cards, answers: [{ by: 1, said }] },
        words: 'explain reason',
      },
    ]
  },
})
