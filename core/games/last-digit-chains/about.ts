import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['last-digit-chains'],
  line: 'Each card in a row is the last digit of the sum of the two before it. Collect them from the tops of the fans.',
  skills: ['over-ten', 'adding', 'planning'],
  needs: [['cut-out']],
  ages: { low: 7, high: 99 },
  seats: { low: 1, high: 4 },
  pace: 8,
  turns: false,
  finds: {
    asks: 'Which digit do they need?',
    hides: ['what the rows need', 'which fans have it'],
  },
  slips: [
    'Laying the whole sum’s first digit instead of its last.',
    'Adding the last card to the first instead of to the one before it.',
    'Taking a card from below the top of a fan.',
    'Beginning a row before all starting cards lie.',
  ],
}
