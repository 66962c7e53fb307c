import type { About } from '#core/game'

export const about: About = {
  title: 'Place Strike',
  line: 'Write six numbers; a digit and a place are rolled; strike that digit there.',
  skills: ['place value', 'reading large numbers', 'digits and their values'],
  seats: { low: 2, high: 4 },
  minutes: { low: 10, high: 25 },
  turns: true,
  slips: [
    'Mistaking thousands for hundreds.',
    'Overlooking a match.',
    'Striking two digits in one turn.',
    'Writing a zero at the start, or a digit that the die does not have.',
  ],
}
