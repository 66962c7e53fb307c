import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['perch-and-push'],
  line: 'Draw, work out, perch a marker on the result; push off a rival’s markers and keep them.',
  skills: ['adding', 'times-tables', 'planning'],
  needs: [['cards'], ['zeros'], ['counters']],
  ages: { low: 6, high: 99 },
  seats: { low: 2, high: 4 },
  pace: 15,
  turns: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the results of the cards', 'the perch'],
  },
  slips: [
    'Perching on the result of both cards together: each card is worked out by itself.',
    'Pushing only one marker of a stack: all of them go.',
    'Counting one’s own markers that were pushed off: they are points for whoever pushed them.',
    'A neighbouring product: 6 × 7 is 42, not 48.',
  ],
}
