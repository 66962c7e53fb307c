import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['ten-turn-haul'],
  line: 'Spin a number each turn, add it on; after the last turn compare sums.',
  skills: ['running-totals', 'over-ten', 'tens-and-ones', 'comparing'],
  needs: [['spinner'], ['paper']],
  ages: { low: 6, high: 10 },
  seats: { low: 1, high: 4 },
  pace: 15,
  turns: true,
  finds: {
    asks: 'How much is it now?',
    hides: ['the new total'],
  },
  slips: [
    'Adding to the total before last instead of the last one.',
    'Forgetting the ten that a sum goes over.',
    'Stopping after uneven turns: everyone gets as many.',
    'Ticking a box for another player’s spin.',
  ],
}
