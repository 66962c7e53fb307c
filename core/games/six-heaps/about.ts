import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['six-heaps'],
  line: 'Play a card onto any heap; straight neighbours that make the target score.',
  skills: ['adding-several', 'missing-part', 'planning'],
  needs: [['cards']],
  ages: { low: 7, high: 99 },
  seats: { low: 2, high: 4 },
  pace: 15,
  turns: true,
  finds: {
    asks: 'Which lines score?',
    hides: ['the sums of the lines', 'where a card would score'],
  },
  slips: [
    'Overlooking a second line through the same card.',
    'Counting a line around a corner or across a bare place.',
    'Adding a card that lies underneath.',
    'Putting a number onto itself.',
    'Forgetting to draw.',
  ],
}
