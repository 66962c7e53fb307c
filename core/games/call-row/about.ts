import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['call-row'],
  line: 'Cards are dealt face up one after another; whoever first sees cards that make the target calls them.',
  skills: ['making-ten', 'adding-several', 'taking-away'],
  needs: [['cards'], ['counters']],
  ages: { low: 6, high: 99 },
  seats: { low: 2, high: 4 },
  pace: 6,
  turns: false,
  race: true,
  finds: {
    asks: 'How many, and which?',
    hides: ['how many calls lie in the row, and which', 'the value of the cards touched'],
  },
  slips: [
    'Calling a card that does not lie there any more.',
    'Losing track of a card that was taken away again.',
    'Calling before the sum is known.',
    'Taking a step for a call that was second.',
  ],
}
