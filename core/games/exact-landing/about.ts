import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['exact-landing'],
  line: 'A number line; spin a sign and a step; land exactly on the goal.',
  skills: ['number-line', 'taking-away', 'below-zero', 'chance'],
  needs: [['spinner'], ['counters'], ['paper']],
  ages: { low: 6, high: 12 },
  seats: { low: 2, high: 4 },
  pace: 15,
  turns: true,
  race: true,
  finds: {
    asks: 'Where does it land?',
    hides: ['where the piece lands', 'how far it is', 'which spins do it'],
  },
  slips: [
    'Counting the number one stands on as the first step.',
    'Moving the wrong way on a minus.',
    'Moving the other side’s piece.',
    'Stopping at the end of the line though the step leads beyond it.',
  ],
}
