import type { LadderRules } from '#core/games/table-ladder/rules'
import { timesChart } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count, list } from '#core/basics/words'

const ends = {
  together: 'Once every ladder is full, everybody wins together.',
  'first-full': 'Whoever has a full ladder first wins.',
  'most-right': 'The most right products win.',
  'highest-total': 'The highest total wins.',
} as const

export const ready: Ready<LadderRules> = {
  aloud: ({ factors, rungs, order, win, answers }) => [
    `Beside your ladder stands your number, ${list([...new Set(factors)])}; roll the die, multiply, and say the product.`,
    `${answers === 'must-be-right' ? 'Only a right product fills a rung' : 'Every product fills a rung'}; a ladder has ${count(rungs, 'rung', 'rungs')}, ${order === 'turns' ? 'filled in turns' : 'and all climb at once'}.`,
    ends[win],
  ],
  talk: ({ factors }) => ({
    notice: `What do you know of the table of ${factors[0] ?? 3} already?`,
    say: `Five times ${factors[0] ?? 3} is ${5 * (factors[0] ?? 3)}.`,
    hard: 'Which product did you have to build from another one?',
  }),
  sheets: ({ factors, rungs, sides }) => [
    { id: 'ladders', title: 'Ladders', kind: 'ladder', beside: factors.map(String), rungs },
    timesChart(
      [...new Set(factors)].sort((a, b) => a - b),
      sides,
    ),
  ],
  ladder: ['short', 'usual', 'race'],
}
