import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['turn-two'],
  line: 'Face-down cards in a grid; turn two, keep them if they make the target.',
  skills: ['making-ten', 'missing-part', 'remembering'],
  needs: [['cards'], ['zeros']],
  ages: { low: 5, high: 10 },
  seats: { low: 2, high: 4 },
  pace: 12,
  turns: true,
  finds: {
    asks: 'Do they match?',
    hides: ['the sum of the cards turned', 'every card seen before'],
    memory: true,
  },
  slips: [
    'Turning the second card before saying what is needed.',
    'Moving a card while turning it.',
    'Forgetting to fill the empty places from the stock.',
    'Going on in a layout that makes no match any more.',
  ],
}
