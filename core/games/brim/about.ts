import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES.brim,
  line: 'Roll the dice, freeze some, roll the rest; fill up to the limit without spilling over.',
  skills: ['adding-several', 'making-ten', 'missing-part', 'chance'],
  needs: [['dice']],
  ages: { low: 6, high: 99 },
  seats: { low: 1, high: 6 },
  pace: 12,
  turns: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the sum of the dice', 'the room left', 'the total'],
    later: true,
  },
  slips: [
    'Adding only the dice of the last roll: the frozen ones count too.',
    'Rolling a frozen die again: frozen stays frozen for the turn.',
    'Banking the limit when the sum is over it: over scores nothing.',
    'Rolling on after the last roll.',
  ],
}
