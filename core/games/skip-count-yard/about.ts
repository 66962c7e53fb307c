import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['skip-count-yard'],
  line: 'Runs of multiples grow around the stock; be first without cards.',
  skills: ['skip-counting', 'times-tables', 'common-multiples', 'planning'],
  needs: [['cut-out']],
  ages: { low: 8, high: 99 },
  seats: { low: 1, high: 4 },
  pace: 11,
  turns: true,
  finds: {
    asks: 'Where does it go?',
    hides: ['what may come next', 'whose set a run is', 'what was overlooked'],
  },
  slips: [
    'Forgetting to draw before anything else.',
    'Putting 20 on 12, 15: those are threes, so 18 is next.',
    'Going on past the tenth: a run of threes ends with 30.',
    'Beginning a corner with a card that is no set’s lowest.',
  ],
}
