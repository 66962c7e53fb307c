import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['ebb-and-flow'],
  line: 'Evens add, odds take away, nothing falls below zero.',
  skills: ['odd-even', 'taking-away', 'running-totals', 'below-zero'],
  needs: [['cards'], ['zeros']],
  ages: { low: 6, high: 12 },
  seats: { low: 2, high: 4 },
  pace: 12,
  turns: true,
  finds: {
    asks: 'How much is it now?',
    hides: ['the new total'],
  },
  slips: [
    'Taking an even card away, or adding an odd one.',
    'Going below zero where nothing may.',
    'Taking away the card after a wild: it is added, whatever it is.',
    'Turning only the wild: the same player turns again.',
  ],
}
