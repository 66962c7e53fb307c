import { combined } from '#core/kit/dice'
import { choicePart, numberPart, situationOf } from '#core/contract/situation'
import type { CoverCodes } from '#core/games/covered-part/codes'
import type { CoverRules, CoverState } from '#core/games/covered-part/rules'

/** The part that is seen and the one that lies covered; or who hides, and whether a piece was hidden before. */
export const situation = situationOf<CoverRules, CoverState, CoverCodes>()({
  parts: ({ sides, pieces }) => {
    const low = pieces === 'dominoes' ? 0 : 1
    return {
      role: choicePart('You', ['guess what is covered', 'hide']),
      seen: numberPart('The part that is seen', low, sides),
      covered: numberPart('The covered part', low, sides),
      used: choicePart('This piece', ['is new', 'was hidden before']),
    }
  },
  state: ({ combine, pieces }, opened, { role, seen, covered, used }) => ({
    ...opened,
    // The other one hides where you guess.
    turn: role === 0 && opened.seats > 1 ? 2 : 1,
    fresh: false,
    hidden:
      role === 0
        ? { by: 2, parts: [seen, covered], covered: 2, total: combined([seen, covered], combine).equals }
        : null,
    used: used === 1 && pieces === 'dominoes' ? [`${Math.min(seen, covered)}|${Math.max(seen, covered)}`] : [],
  }),
  rests: {
    'no-such-face': /dice with|dominoes/i,
    'wrong-announcement': /tells the total/,
    'cannot-be-worked-out':
      'What is covered must follow from the total: a part that is zero times anything tells nothing.',
    'domino-used': 'Each domino is hidden once, until all are mixed again.',
  },
  corners: ({ combine }) => {
    const announced = combined([2, 1], combine).equals
    return [
      {
        asks: 'The hider added up wrong. What now?',
        at: { role: 1 },
        play: { do: 'hide', by: 1, parts: [2, 1], covered: 1, announced: announced + 1 },
        words: 'announcement total mistake',
      },
      {
        asks: 'Is the turn over after a wrong guess?',
        at: { role: 0, seen: 2, covered: 1 },
        play: { do: 'guess', by: 1, said: 2 },
        words: 'second try again',
      },
      {
        asks: 'May the finder look before guessing, and hide at once?',
        at: { role: 0, seen: 2, covered: 1 },
        play: { do: 'hide', by: 1, parts: [2, 1], covered: 1, announced },
        words: 'next turn skip',
      },
    ]
  },
})
