import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['table-ladder'],
  line: 'One factor all the way down; roll the other; fill every rung.',
  skills: ['times-tables', 'skip-counting'],
  needs: [['other-dice'], ['paper']],
  ages: { low: 7, high: 11 },
  seats: { low: 1, high: 4 },
  pace: 15,
  turns: true,
  race: true,
  finds: {
    asks: 'How much is it?',
    hides: ['the product'],
  },
  slips: [
    'One step too many or too few when skip counting.',
    'Adding the factor to the roll instead of multiplying.',
    'Filling a rung for another player.',
    'Saying the neighbour’s product, one factor off.',
  ],
}
