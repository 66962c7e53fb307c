import { resultsOf, type PerchRules } from '#core/games/perch-and-push/rules'
import { facesOf } from '#core/kit/pack'
import { packCards, pointsSheet, spotRows } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count } from '#core/basics/words'

/** Perches in a row of the board. */
const ACROSS = 4

export const ready: Ready<PerchRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud: ({ combine, with: other, draw, goal, safeStack }) => [
    `Draw ${draw === 1 ? 'a card' : 'two cards, choose one'}, and ${combine === 'add' ? `add ${other} to it` : `take it times ${other}`}: perch on the result.`,
    `If somebody else’s markers stand there, push them all off and keep them${safeStack ? `; a stack of ${safeStack} is safe` : ''}.`,
    `First with ${count(goal, 'marker', 'markers')} pushed off wins.`,
  ],
  talk: ({ combine, with: other }) => ({
    notice: 'Look at the board: which results are there, and why no others?',
    say: `4 ${combine === 'add' ? 'and' : 'times'} ${other} is ${combine === 'add' ? 4 + other : 4 * other}.`,
    hard: 'Which result did you have to think about, and what helped?',
  }),
  sheets(rules, seats) {
    const cards = facesOf(rules.pack)
    return [
      {
        id: 'perches',
        title: `Perches: ${rules.combine === 'add' ? 'adding' : 'times'} ${rules.with}`,
        kind: 'places',
        shape: 'round',
        rows: spotRows(resultsOf(rules), ACROSS),
      },
      {
        id: 'chart',
        title: 'Chart, face down until it is needed',
        kind: 'chart',
        operation: rules.combine,
        down: cards,
        across: [rules.with],
      },
      pointsSheet(6, seats, 'Match'),
    ]
  },
  ladder: ['calm', 'ten', 'six', 'seven', 'nine'],
}
