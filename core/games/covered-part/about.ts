import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['covered-part'],
  line: 'One rolls, tells the total and covers a part; the other finds it.',
  skills: ['missing-part', 'taking-away', 'times-tables'],
  needs: [['dice', 'dominoes']],
  ages: { low: 5, high: 10 },
  seats: { low: 2, high: 4 },
  pace: 14,
  turns: true,
  finds: {
    asks: 'How many are covered?',
    hides: ['the covered part', 'the hider’s own total'],
  },
  slips: [
    'The hider adds up wrong: put it right before the guess.',
    'Saying the total instead of the missing part.',
    'Adding the shown part to the total.',
    'Peeping under the cover.',
  ],
}
