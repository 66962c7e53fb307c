import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['place-strike'],
  line: 'Write six numbers; a digit and a place are rolled; strike that digit there.',
  skills: ['place-value', 'large-numbers'],
  needs: [['dice'], ['place-die', 'dice'], ['paper']],
  ages: { low: 8, high: 12 },
  seats: { low: 2, high: 4 },
  pace: 18,
  turns: true,
  finds: {
    asks: 'Where does it stand?',
    hides: ['which numbers hold the digit in that place', 'what it is worth'],
  },
  slips: [
    'Mistaking thousands for hundreds.',
    'Overlooking a match.',
    'Striking two digits in one turn.',
    'Writing a zero at the start, or a digit that the die does not have.',
  ],
}
