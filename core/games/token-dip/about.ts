import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['token-dip'],
  line: 'Draw a token blind; its colour is worth what the key says; add up.',
  skills: ['running-totals', 'over-ten', 'chance'],
  needs: [['counters'], ['paper']],
  ages: { low: 6, high: 11 },
  seats: { low: 2, high: 4 },
  pace: 14,
  turns: true,
  finds: {
    asks: 'How much is it now?',
    hides: ['the new total'],
  },
  slips: [
    'Reading the key one line too high or too low.',
    'Adding to the total before last instead of the last one.',
    'Counting tokens instead of what they are worth.',
    'Putting a token back into the bag where it should stay out, or keeping it where it should go back.',
  ],
}
