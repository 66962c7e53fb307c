import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['roof-tiles'],
  line: 'A triangle of cards, each half covered by two of the row below; take off what makes the target.',
  skills: ['making-ten', 'missing-part', 'planning'],
  needs: [['cards']],
  ages: { low: 6, high: 99 },
  seats: { low: 1, high: 8 },
  pace: 9,
  turns: false,
  finds: {
    asks: 'Which tiles make it?',
    hides: ['which tiles make the target', 'the sum of the tiles touched', 'what is left'],
    score: true,
  },
  slips: [
    'Taking a tile that is still half covered.',
    'Adding three cards: two come off at most.',
    'Forgetting that the ten comes off alone.',
    'Taking a tile that came off before.',
  ],
}
