import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['say-it-first'],
  line: 'Everyone turns a card; the first right answer with a reason keeps them.',
  skills: ['adding', 'times-tables', 'taking-away', 'explaining'],
  needs: [['cards']],
  ages: { low: 6, high: 99 },
  seats: { low: 1, high: 4 },
  pace: 16,
  turns: false,
  race: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the answer'],
  },
  slips: [
    'Calling before all cards lie open.',
    'Calling twice: only the first answer counts.',
    'Right, but without saying how.',
    'Forgetting the pot.',
  ],
}
