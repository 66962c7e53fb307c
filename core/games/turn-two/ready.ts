import type { PairRules } from '#core/games/turn-two/rules'
import { packSize } from '#core/kit/pack'
import { addingChart, packCards, pointsSheet, span, spotRows } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { numberWord } from '#core/basics/words'

/** Places in a row of the mat. */
const ACROSS = 4

export const ready: Ready<PairRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud: ({ target, perTurn, signs, again }) => [
    `Turn ${numberWord(perTurn)} cards, so that everybody sees them.`,
    `If they make ${target}${signs === 'add' ? '' : ', adding or taking away'}, keep them${again ? ' and turn again' : ''}; if not, turn them back, and remember where they lie.`,
    'When no match is left, whoever has the most cards wins.',
  ],
  talk: ({ target }) => ({
    notice: 'How many places are there, and how could you keep in mind what lies where?',
    say: `The sum of these two is ${target}, so I keep them.`,
    hard: 'How did you remember where a card lay?',
  }),
  sheets: ({ layout, pack }, seats) => {
    const places = layout === 'all' ? packSize(pack) : layout
    return [
      {
        id: 'mat',
        title: `Mat: ${places} places with their numbers`,
        kind: 'places',
        shape: 'card',
        rows: spotRows(span(1, places), ACROSS),
      },
      pointsSheet(6, seats, 'Match'),
      addingChart(pack),
    ]
  },
  ladder: ['five', 'usual', 'twelve', 'three'],
}
