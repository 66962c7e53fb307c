import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['ask-for-rest'],
  line: 'Collect pairs that make the target by asking each other for the missing part.',
  skills: ['making-ten', 'missing-part', 'remembering'],
  needs: [['cards']],
  ages: { low: 6, high: 10 },
  seats: { low: 2, high: 4 },
  pace: 12,
  turns: true,
  finds: {
    asks: 'Which card makes the rest?',
    hides: ['the rest of a card', 'what each hand is known to hold'],
    memory: true,
  },
  slips: [
    'A pair that misses the target by one.',
    'Asking without holding the partner.',
    'Asking twice in one turn.',
    'Saying “no” with the card in hand.',
    'Forgetting to draw, or to take a new hand.',
    'A card without a partner left in the pack.',
  ],
}
