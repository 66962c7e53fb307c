import type { About } from '#core/contract/game'
import { TITLES } from '#core/games/ids'

export const about: About = {
  title: TITLES['hundred-stops'],
  line: 'A track by tens with a token on every hundred; order your hops to land on as many as you can.',
  skills: ['tens-and-ones', 'number-line', 'planning'],
  needs: [['dice'], ['spinner'], ['counters']],
  ages: { low: 7, high: 11 },
  seats: { low: 2, high: 4 },
  pace: 30,
  turns: true,
  race: true,
  finds: {
    asks: 'Where does it end?',
    hides: ['where the hops end', 'what they gather', 'the better order'],
  },
  slips: [
    'Moving the rival’s piece.',
    'Adding the tens as ones: a 9 is 90.',
    'Hopping so that stops are jumped.',
    'Touching a stop and leaving its token.',
  ],
}
