import { facesOfDie } from '#core/kit/dice'
import type { CoverRules } from '#core/games/covered-part/rules'
import { span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

/** Pips that can still be drawn on half a domino. */
const MOST_PIPS = 12

export const ready: Ready<CoverRules> = {
  aloud: ({ combine, pieces, rounds }) => [
    `One of you ${pieces === 'dice' ? 'rolls two dice' : 'draws a domino'}, ${combine === 'add' ? 'adds both parts' : 'multiplies both parts'}, and tells the total.`,
    'Then one part is covered: the other one finds what is under there.',
    `You take turns at hiding; after ${count(rounds, 'round', 'rounds')} the most parts found win.`,
  ],
  talk: ({ combine }) => ({
    notice: 'What can lie under the cover, and what can’t?',
    say: `${combine === 'add' ? 'Nine is five and something: four' : 'Twenty is five times something: four'}.`,
    hard: 'How did you find the covered part?',
  }),
  sheets({ combine, pieces, sides, rounds }) {
    const parts = pieces === 'dice' ? facesOfDie(sides) : span(0, sides)
    return [
      {
        id: 'parts',
        title: 'Whole, part, and the part that is missing',
        kind: 'table',
        head: ['Hides', 'Whole', 'Part seen', 'Part covered', 'Right?'],
        widths: [1.6, 1.4, 1.4, 1.6, 1],
        rows: span(1, rounds * 2).map((turn) => [turn % 2 === 1 ? 'Player 1' : 'Player 2', '', '', '', '']),
      },
      ...(pieces === 'dominoes'
        ? [
            {
              id: 'dominoes',
              title: 'Dominoes to cut out',
              kind: 'dominoes' as const,
              high: Math.min(sides, MOST_PIPS),
            },
          ]
        : []),
      { id: 'chart', title: 'Chart, for settling', kind: 'chart', operation: combine, down: parts, across: parts },
    ]
  },
  ladder: ['usual', 'dominoes', 'ten', 'times'],
}
