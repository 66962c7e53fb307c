import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['step-and-gather'],
  line: 'Each walks an own numbered path and gathers as many cubes as the space says.',
  skills: ['counting-on', 'running-totals', 'tens-and-ones', 'comparing'],
  needs: [['dice'], ['cubes'], ['paper']],
  ages: { low: 5, high: 8 },
  seats: { low: 2, high: 4 },
  pace: 14,
  turns: true,
  finds: {
    asks: 'How many are there now?',
    hides: ['the space reached', 'the total'],
  },
  slips: [
    'Counting the space one stands on as the first step.',
    'Gathering as many cubes as were rolled instead of what the space says.',
    'Stacking towers of nine or eleven instead of ten.',
    'Rolling on when home already.',
  ],
}
