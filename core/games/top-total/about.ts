import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['top-total'],
  line: 'Everyone rolls, adds or multiplies; the top result takes the round.',
  skills: ['adding', 'times-tables', 'taking-away', 'comparing'],
  needs: [['dice', 'other-dice']],
  ages: { low: 6, high: 99 },
  seats: { low: 2, high: 4 },
  pace: 12,
  turns: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the result', 'who has the round, until all have said theirs'],
  },
  slips: [
    'Counting a level round for somebody though it is nobody’s.',
    'Comparing the largest dice instead of the results.',
    'Taking the larger away from the smaller: the difference is the larger less the smaller.',
    'Rolling twice in one round.',
  ],
}
