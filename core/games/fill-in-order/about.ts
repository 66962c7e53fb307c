import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['fill-in-order'],
  line: 'Ten hidden cards a player in two rows of five; fill the places 1 to 10; every card put down turns up the next.',
  skills: ['number-order', 'comparing'],
  needs: [['cards'], ['pictures']],
  ages: { low: 5, high: 9 },
  seats: { low: 2, high: 4 },
  pace: 15,
  turns: true,
  finds: {
    asks: 'Where does it go?',
    hides: ['which place a card belongs to'],
  },
  slips: [
    'Calling a full row with a place still hidden.',
    'Leaving a card that could go.',
    'Taking a discard that can’t go.',
    'Counting the places from the wrong end.',
  ],
}
