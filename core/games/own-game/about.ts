import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['own-game'],
  line: 'What this table made up: what is thrown, what is worked out of it, what is special, when it is over.',
  skills: ['running-totals', 'planning', 'chance'],
  needs: [['dice', 'other-dice', 'spinner', 'cards', 'cut-out'], ['paper']],
  ages: { low: 6, high: 99 },
  seats: { low: 1, high: 6 },
  pace: 12,
  turns: true,
  titled: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the result', 'the new score', 'every sentence for the target'],
    later: true,
  },
  slips: [
    'Adding what should be taken.',
    'Forgetting a special.',
    'Moving the marker one place short: counting the place one stands on.',
  ],
}
