import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['column-keeper'],
  line: 'Draw digits one by one; put each in a column for good, or throw one away; make the best number.',
  skills: ['place-value', 'regrouping', 'planning', 'chance'],
  needs: [['cards'], ['paper']],
  ages: { low: 7, high: 99 },
  seats: { low: 1, high: 4 },
  pace: 12,
  turns: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the sums of the columns', 'what is carried', 'the total'],
  },
  slips: [
    'Reading 11 hundreds and 14 tens as 1114 before regrouping.',
    'A third card in a column.',
    'Moving a card that lies already.',
    'Forgetting that a card must be thrown away.',
  ],
}
